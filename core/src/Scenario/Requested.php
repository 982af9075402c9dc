<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use JsonException;
use stdClass;

use function json_decode;

/** What a command is asked for, where that is a document of its own. */
final class Requested
{
    /** @throws BadDocument */
    public static function object(string $json): stdClass
    {
        try {
            $value = json_decode($json, false, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $wrong) {
            throw BadDocument::notJson($wrong->getMessage());
        }

        return $value instanceof stdClass ? $value : throw BadDocument::notJson('the outermost value is no object');
    }
}
