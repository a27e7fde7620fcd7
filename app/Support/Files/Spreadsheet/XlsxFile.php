<?php

declare(strict_types=1);

namespace App\Support\Files\Spreadsheet;

/** Office Open XML, ISO/IEC 29500: SpreadsheetML with texts in their cells. */
final class XlsxFile extends SpreadsheetFile
{
    private const DECLARATION = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>';

    private const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';

    private const OFFICE = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    private const PACKAGE = 'http://schemas.openxmlformats.org/package/2006';

    private const TYPE = 'application/vnd.openxmlformats-officedocument.spreadsheetml';

    protected function beginning(): string
    {
        return self::DECLARATION.'<worksheet xmlns="'.self::MAIN.'"><sheetFormatPr defaultColWidth="16" defaultRowHeight="15"/><sheetData>';
    }

    protected function row(array $cells): string
    {
        $row = '<row>';
        foreach ($cells as $cell) {
            $row .= '<c s="'.$cell->style->value.'"'.match (true) {
                $cell->isNumber() => '><v>'.$cell->value.'</v></c>',
                $cell->value === '' => '/>',
                default => ' t="inlineStr"><is><t xml:space="preserve">'.self::xml($cell->value).'</t></is></c>',
            };
        }

        return $row.'</row>';
    }

    protected function end(): string
    {
        return '</sheetData></worksheet>';
    }

    protected function sheetName(): string
    {
        return 'xl/worksheets/sheet1.xml';
    }

    protected function parts(): array
    {
        return [
            '[Content_Types].xml' => self::DECLARATION.'<Types xmlns="'.self::PACKAGE.'/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/>'
                .'<Override PartName="/xl/workbook.xml" ContentType="'.self::TYPE.'.sheet.main+xml"/><Override PartName="/xl/worksheets/sheet1.xml" ContentType="'.self::TYPE.'.worksheet+xml"/><Override PartName="/xl/styles.xml" ContentType="'.self::TYPE.'.styles+xml"/></Types>',
            '_rels/.rels' => self::DECLARATION.'<Relationships xmlns="'.self::PACKAGE.'/relationships"><Relationship Id="rId1" Type="'.self::OFFICE.'/officeDocument" Target="xl/workbook.xml"/></Relationships>',
            'xl/workbook.xml' => self::DECLARATION.'<workbook xmlns="'.self::MAIN.'" xmlns:r="'.self::OFFICE.'"><sheets><sheet name="Moss Week" sheetId="1" r:id="rId1"/></sheets></workbook>',
            'xl/_rels/workbook.xml.rels' => self::DECLARATION.'<Relationships xmlns="'.self::PACKAGE.'/relationships"><Relationship Id="rId1" Type="'.self::OFFICE.'/worksheet" Target="worksheets/sheet1.xml"/><Relationship Id="rId2" Type="'.self::OFFICE.'/styles" Target="styles.xml"/></Relationships>',
            'xl/styles.xml' => self::styles(),
        ];
    }

    private static function styles(): string
    {
        $formats = array_map(static fn (CellStyle $style): string => sprintf(
            '<xf numFmtId="%d" fontId="%d" fillId="0" borderId="0" xfId="0" applyNumberFormat="1"/>',
            match ($style->places()) {
                2 => 4,
                1 => 164,
                default => 49,
            },
            $style->isBold() ? 1 : 0,
        ), CellStyle::cases());

        return self::DECLARATION.'<styleSheet xmlns="'.self::MAIN.'"><numFmts count="1"><numFmt numFmtId="164" formatCode="0.0"/></numFmts>'
            .'<fonts count="2"><font><sz val="11"/><name val="Calibri"/></font><font><b/><sz val="11"/><name val="Calibri"/></font></fonts>'
            .'<fills count="2"><fill><patternFill patternType="none"/></fill><fill><patternFill patternType="gray125"/></fill></fills>'
            .'<borders count="1"><border><left/><right/><top/><bottom/><diagonal/></border></borders><cellStyleXfs count="1"><xf numFmtId="0" fontId="0" fillId="0" borderId="0"/></cellStyleXfs>'
            .'<cellXfs count="'.count($formats).'">'.implode('', $formats).'</cellXfs></styleSheet>';
    }
}
