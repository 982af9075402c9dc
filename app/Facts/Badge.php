<?php

declare(strict_types=1);

namespace App\Facts;

use App\Models\Member;
use App\Models\Service;

/** How a staff member or a service is recognised at a glance: initials on a colour with a pattern. */
final class Badge
{
    public const COLOURS = ['river', 'brass', 'moss', 'plum', 'umber', 'indigo', 'clay', 'slate'];

    public const PATTERNS = ['bars', 'dots', 'waves', 'checks', 'slant', 'rings'];

    /** @return array{id: string, name: string, initials: string, colour: string, pattern: string} */
    public static function of(Member|Service $member): array
    {
        return [
            'id' => $member->id,
            'name' => $member->name,
            'initials' => self::initials($member->name),
            'colour' => $member->colour,
            'pattern' => $member->pattern,
        ];
    }

    public static function initials(string $name): string
    {
        $words = preg_split('/\s+/u', trim($name)) ?: [''];
        $last = count($words) > 1 ? mb_substr($words[count($words) - 1], 0, 1) : mb_substr($words[0], 1, 1);

        return mb_strtoupper(mb_substr($words[0], 0, 1).$last);
    }

    /**
     * The badge of a new one: unlike those that others wear, until there are more of them than badges.
     *
     * @param  iterable<Member|Service>  $taken with their colour and pattern
     * @return array{colour: string, pattern: string}
     */
    public static function free(iterable $taken): array
    {
        $worn = [];
        foreach ($taken as $member) {
            $worn["{$member->colour} {$member->pattern}"] = true;
        }
        for (
            $i = 0;
            isset($worn[implode(' ', self::next($i))]) && $i < count(self::COLOURS) * count(self::PATTERNS);
            $i++
        );

        return self::next($i);
    }

    /**
     * One badge after another: colours first, so that the first few are told apart from afar.
     *
     * @return array{colour: string, pattern: string}
     */
    public static function next(int $members): array
    {
        return [
            'colour' => self::COLOURS[$members % count(self::COLOURS)],
            'pattern' => self::PATTERNS[($members + intdiv($members, count(self::COLOURS))) % count(self::PATTERNS)],
        ];
    }
}
