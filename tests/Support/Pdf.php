<?php

declare(strict_types=1);

namespace Tests\Support;

/** The words of a PDF, as whoever selects them gets them. */
final class Pdf
{
    public static function words(string $pdf): string
    {
        preg_match_all('/stream\r?\n(.*?)endstream/s', $pdf, $streams);
        $text = '';
        foreach ($streams[1] as $stream) {
            $text .= (string) @gzuncompress($stream);
        }
        preg_match_all('/\(((?:[^()\\\\]|\\\\.)*)\)/s', $text, $parts);
        $plain = implode('', array_map(stripcslashes(...), $parts[1]));

        return mb_convert_encoding(str_replace("\0", '', $plain), 'UTF-8', 'Windows-1252');
    }
}
