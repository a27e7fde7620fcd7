/** A PDF of a few lines, as a shop might send it. */
export function receiptFile(name: string, lines: readonly string[]): { name: string; mimeType: string; buffer: Buffer } {
    const words = lines.map((line) => `(${line.replace(/[()\\]/g, '\\$&')}) Tj T*`).join('\n');
    const content = `BT /F1 12 Tf 14 TL 20 280 Td\n${words}\nET`;
    const objects = [
        '<< /Type /Catalog /Pages 2 0 R >>',
        '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
        '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 220 300] /Contents 4 0 R /Resources << /Font << /F1 5 0 R >> >> >>',
        `<< /Length ${String(content.length)} >>\nstream\n${content}\nendstream`,
        '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>',
    ];
    let pdf = '%PDF-1.4\n';
    const places = objects.map((object, index) => {
        const place = pdf.length;
        pdf += `${String(index + 1)} 0 obj\n${object}\nendobj\n`;

        return place;
    });
    const table = pdf.length;
    pdf += `xref\n0 ${String(objects.length + 1)}\n0000000000 65535 f \n${places.map((place) => `${String(place).padStart(10, '0')} 00000 n \n`).join('')}`;
    pdf += `trailer\n<< /Size ${String(objects.length + 1)} /Root 1 0 R >>\nstartxref\n${String(table)}\n%%EOF\n`;

    return { name, mimeType: 'application/pdf', buffer: Buffer.from(pdf, 'latin1') };
}
