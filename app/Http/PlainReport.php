<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use Throwable;

/** What went wrong with a statement, without the values in it: those are clients' names, addresses and words. */
final class PlainReport
{
    /** @return false so that the framework's own report, which has the values, is not written */
    public static function of(QueryException $wrong): bool
    {
        $cause = $wrong->getPrevious();
        Log::error('A statement failed: '.self::plain($cause).' In: '.$wrong->getSql(), [
            'at' => self::place($wrong),
        ]);

        return false;
    }

    /** The database quotes values in its own messages as well. */
    private static function plain(?Throwable $cause): string
    {
        return (string) preg_replace(
            "/'(?:[^'\\\\]|\\\\.)*'/s",
            "'…'",
            $cause === null ? '' : mb_substr($cause->getMessage(), 0, 500),
        );
    }

    /** The first place of ours in the trace. */
    private static function place(Throwable $wrong): string
    {
        foreach ($wrong->getTrace() as $step) {
            if (isset($step['file']) && str_contains($step['file'], '/app/')) {
                return "{$step['file']}:".($step['line'] ?? 0);
            }
        }

        return "{$wrong->getFile()}:{$wrong->getLine()}";
    }
}
