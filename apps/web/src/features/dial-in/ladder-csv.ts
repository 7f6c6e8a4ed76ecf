import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import Papa from 'papaparse';

/** A ladder's beads as a table for other programs: SI units, one row a bead, what was not said left empty. */
export function ladderCsv(beads: readonly KeptTestBead[]): string {
  return Papa.unparse(
    beads.map((bead) => ({
      bead: bead.number,
      welded_at: bead.weldedAt ?? bead.createdAt,
      volts_V: bead.volts,
      wire_speed_m_per_min: bead.wireFeedSpeedMPerMin,
      book_V: bead.weldedWith?.bookVolts?.toFixed(2) ?? '',
      verdict: bead.verdict,
      sound: bead.sound ?? '',
      face: bead.face ?? '',
      spatter: bead.spatter ?? '',
      back: bead.back ?? '',
      ends: bead.ends ?? '',
      coupon_cooled: bead.cooled === undefined ? '' : bead.cooled ? 'yes' : 'no',
      amiss: (bead.flags ?? []).join(' '),
      heat: bead.heat ?? '',
      answered: bead.doubt ?? '',
      taken_V: bead.taken?.volts ?? '',
      taken_m_per_min: bead.taken?.wireFeedSpeedMPerMin ?? '',
      wire: bead.weldedWith ? `${bead.weldedWith.wire.diameterMm} mm ${bead.weldedWith.wire.wireClass}` : '',
      gas: bead.weldedWith?.gas ?? '',
      transfer: bead.weldedWith?.mode ?? '',
      note: bead.note,
    })),
    { escapeFormulae: true },
  );
}
