<?php

declare(strict_types=1);

namespace App\Http;

use PDOException;
use Throwable;

/**
 * Whether something went wrong because the database cannot be reached just now: nothing is broken, and nothing was
 * changed.
 */
final class NoDatabase
{
    /** MariaDB's own numbers: too many connections, shutting down, no connection, gone away, lost while asking. */
    private const CODES = [1040, 1053, 1927, 2002, 2003, 2006, 2013];

    public static function is(Throwable $wrong): bool
    {
        for ($cause = $wrong; $cause !== null; $cause = $cause->getPrevious()) {
            if (
                $cause instanceof PDOException &&
                in_array($cause->errorInfo[1] ?? $cause->getCode(), self::CODES, true)
            ) {
                return true;
            }
        }

        return false;
    }
}
