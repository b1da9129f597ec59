import type { Imported } from '../../core/job/stored-job';

interface ImportedColumns {
  readonly importedAt: Date | null;
  readonly importedBy: string | null;
  readonly importedFrom: string | null;
}

/** Where something was brought in from, as columns. */
export const importedColumns = (imported: Imported | null): ImportedColumns => ({
  importedAt: imported && new Date(imported.at),
  importedBy: imported?.by ?? null,
  importedFrom: imported?.from ?? null,
});

/** Columns as where something was brought in from; null: it was made here. */
export const importedOf = ({ importedAt, importedBy, importedFrom }: ImportedColumns): Imported | null =>
  importedAt === null ? null : { at: importedAt.toISOString(), by: importedBy ?? '', from: importedFrom ?? '' };
