import type { DataSource } from 'typeorm';
export async function loadDemo(_database: DataSource, _folder: string): Promise<void> {}
