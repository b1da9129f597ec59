import type { Imported } from '../../core/job/stored-job';

interface ImportedColumns {
  readonly importedAt: Date | null;
  readonly importedBy: string | null;
  readonly importedFrom: string | null;
}

/** An import origin as columns. */
export const importedColumns = (imported: Imported | null): ImportedColumns => ({
  importedAt: imported && new Date(imported.at),
  importedBy: imported?.by ?? null,
  importedFrom: imported?.from ?? null,
});

/** Columns as an import origin; null: made here. */
export const importedOf = ({ importedAt, importedBy, importedFrom }: ImportedColumns): Imported | null =>
  importedAt === null ? null : { at: importedAt.toISOString(), by: importedBy ?? '', from: importedFrom ?? '' };
