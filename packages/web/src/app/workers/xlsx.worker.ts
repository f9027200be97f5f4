import { Workbook } from 'exceljs';
import type { Sheet } from '../ui/table/sheet';

/** Writes a sheet as a workbook: numbers as numbers, text as text and never as a formula. */
addEventListener('message', async ({ data }: MessageEvent<{ name: string; sheet: Sheet }>) => {
  const workbook = new Workbook();
  const page = workbook.addWorksheet(data.name.slice(0, 31).replace(/[*?:\\/[\]]/g, ' '), {
    views: [{ state: 'frozen', ySplit: 1 }],
  });
  page.addRow([...data.sheet.heads]).font = { bold: true };
  for (const cells of data.sheet.rows) {
    const row = page.addRow(cells.map(({ text, number }) => number ?? text));
    cells.forEach(({ format }, index) => {
      if (format) row.getCell(index + 1).numFmt = format;
    });
  }
  page.columns.forEach((column) => {
    column.width = Math.min(60, Math.max(9, ...(column.values ?? []).map((value) => String(value ?? '').length + 2)));
  });
  postMessage(await workbook.xlsx.writeBuffer());
});
