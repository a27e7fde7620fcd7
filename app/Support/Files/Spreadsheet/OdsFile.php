<?php

declare(strict_types=1);

namespace App\Support\Files\Spreadsheet;

/** OpenDocument 1.3, ISO/IEC 26300: a spreadsheet. */
final class OdsFile extends SpreadsheetFile
{
    private const DECLARATION = '<?xml version="1.0" encoding="UTF-8"?>';

    private const NAMESPACE = 'urn:oasis:names:tc:opendocument:xmlns:';

    private const TYPE = 'application/vnd.oasis.opendocument.spreadsheet';

    protected function beginning(): string
    {
        $styles = '';
        foreach (CellStyle::cases() as $style) {
            $places = $style->places();
            $styles .= $places === null ? '' : '<number:number-style style:name="n'.$style->value.'"><number:number number:decimal-places="'.$places.'" number:min-decimal-places="'.$places.'" number:min-integer-digits="1"'.($places === 2 ? ' number:grouping="true"' : '').'/></number:number-style>';
            $styles .= '<style:style style:name="c'.$style->value.'" style:family="table-cell"'.($places === null ? '' : ' style:data-style-name="n'.$style->value.'"').'>'.($style->isBold() ? '<style:text-properties fo:font-weight="bold"/>' : '').'</style:style>';
        }
        $spaces = implode('', array_map(static fn (string $prefix, string $name): string => ' xmlns:'.$prefix.'="'.self::NAMESPACE.$name.':1.0"', ['office', 'table', 'text', 'style', 'number', 'fo'], ['office', 'table', 'text', 'style', 'datastyle', 'xsl-fo-compatible']));

        return self::DECLARATION.'<office:document-content'.$spaces.' office:version="1.3"><office:automatic-styles>'.$styles.'</office:automatic-styles><office:body><office:spreadsheet><table:table table:name="Moss Week">';
    }

    protected function row(array $cells): string
    {
        $row = '<table:table-row>';
        foreach ($cells as $cell) {
            $row .= '<table:table-cell table:style-name="c'.$cell->style->value.'"'.match (true) {
                $cell->isNumber() => ' office:value-type="float" office:value="'.$cell->value.'"/>',
                $cell->value === '' => '/>',
                default => ' office:value-type="string"><text:p>'.self::xml($cell->value).'</text:p></table:table-cell>',
            };
        }

        return $row.'</table:table-row>';
    }

    protected function end(): string
    {
        return '</table:table></office:spreadsheet></office:body></office:document-content>';
    }

    protected function sheetName(): string
    {
        return 'content.xml';
    }

    protected function parts(): array
    {
        return [
            'mimetype' => self::TYPE,
            'META-INF/manifest.xml' => self::DECLARATION.'<manifest:manifest xmlns:manifest="'.self::NAMESPACE.'manifest:1.0" manifest:version="1.3"><manifest:file-entry manifest:full-path="/" manifest:version="1.3" manifest:media-type="'.self::TYPE.'"/><manifest:file-entry manifest:full-path="content.xml" manifest:media-type="text/xml"/></manifest:manifest>',
        ];
    }
}
