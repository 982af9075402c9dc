<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use Symfony\Component\HttpFoundation\StreamedResponse;

/** A list as a file of comma-separated values (RFC 4180), in UTF-8 with a mark that says so. */
final class Csv
{
    /**
     * @param  list<string>  $head
     * @param  list<list<string>>  $rows
     */
    public static function of(string $name, array $head, array $rows): StreamedResponse
    {
        return new StreamedResponse(
            static function () use ($head, $rows): void {
                $out = fopen('php://output', 'wb');
                assert($out !== false);
                fwrite($out, "\xEF\xBB\xBF");
                foreach ([$head, ...$rows] as $row) {
                    fputcsv($out, array_map(self::plain(...), $row), escape: '', eol: "\r\n");
                }
                fclose($out);
            },
            200,
            [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"{$name}.csv\"",
            ],
        );
    }

    /**
     * What somebody typed is no formula of whoever opens the file in a spreadsheet: a number is one only if all of it
     * is.
     */
    private static function plain(string $cell): string
    {
        $isFormula = preg_match('/^[=+\-@\t\r]/', $cell) === 1 && preg_match('/^[+-]?\d+(?:\.\d+)?\z/', $cell) !== 1;

        return $isFormula ? "'{$cell}" : $cell;
    }
}
