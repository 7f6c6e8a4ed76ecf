import { Printer } from 'lucide-react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { saveFile } from '../../ui/save-file.ts';
import { useToast } from '../../ui/toasts.tsx';
import type { PrintedChangeover } from './changeover-pdf.ts';

/** The changeover as a card to take along: A6, or half Letter where lengths are in inches. */
export function SaveCard({ card }: { readonly card: PrintedChangeover }) {
  const { units } = usePreferences();
  const toast = useToast();
  const paper = units.distance === 'in' ? 'half Letter' : 'A6';
  const save = async (): Promise<void> => {
    const { changeoverPdf } = await import('./changeover-pdf.ts');
    const bytes = await changeoverPdf(card, paper);
    saveFile(
      `changeover-${paper.replace(' ', '-')}.pdf`,
      new Blob([new Uint8Array(bytes)], { type: 'application/pdf' }),
    );
  };
  return (
    <Button onClick={() => void save().catch((error: Error) => toast(`No card was made. ${error.message}`))}>
      <Printer size={18} aria-hidden="true" /> Card, {paper} (PDF)
    </Button>
  );
}
