import { ButtonLink } from '../../ui/button.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { BackupSection } from './backup-section.tsx';
import { TablesSection } from './tables-section.tsx';

/** Everything that goes out of the shop as a file, and comes in. */
export function FilesPage() {
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle actions={<ButtonLink to="/settings">Settings</ButtonLink>}>Files in and out</PageTitle>
      <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-2">
        <BackupSection />
        <TablesSection />
      </div>
    </div>
  );
}
