<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\VisitAsk;
use YardBell\Core\Availability\VisitPart;
use YardBell\Core\Time\Wall;

use function count;

/** Reads what `visits` is asked for (rules.md T20). */
final class VisitRequest
{
    private const KEYS = ['parts', 'party', 'from', 'to', 'now', 'location', 'maxWait', 'anyOrder', 'samePerson'];

    private const PART = ['service', 'minutes', 'extra', 'staff'];

    /** @throws BadDocument with every problem found */
    public static function read(string $json, Scenario $scenario): VisitAsk
    {
        $node = new Node(Requested::object($json), '', new Problems(), self::KEYS);
        $parts = self::parts($node, $scenario);
        $from = $node->time('from', Wall::day(...));
        $to = $node->time('to', Wall::day(...));
        if ($from > $to) {
            $node->refuse('from', 'it must not be after "to".');
        } elseif ($to - $from > Options::LONGEST_DAYS) {
            $node->refuse('to', 'at most '.Options::LONGEST_DAYS.' days can be asked for at once.');
        }
        $ask = new VisitAsk(
            $parts,
            $from,
            $to,
            now: $node->instant('now'),
            party: $node->number('party', 1, DiaryReader::LARGEST, 1),
            location: $node->idOrNull('location', $scenario->book->locations, 'location'),
            maxWait: $node->number('maxWait', 0, VisitAsk::LONGEST_WAIT, 0),
            anyOrder: $node->flag('anyOrder', false),
            samePerson: $node->flag('samePerson', false),
        );
        $node->problems->throwIfAny();

        return $ask;
    }

    /** @return list<VisitPart> */
    private static function parts(Node $node, Scenario $scenario): array
    {
        $many = count($node->items('parts'));
        if ($many < VisitAsk::FEWEST || $many > VisitAsk::MOST) {
            $node->refuse('parts', 'a visit has '.VisitAsk::FEWEST.' to '.VisitAsk::MOST." parts, not {$many}.");
        }
        $parts = [];
        foreach ($node->nodes('parts', self::PART) as $part) {
            $parts[] = new VisitPart(
                $part->id('service', $scenario->book->services, 'service'),
                $part->numberOrNull('minutes', 0, ServiceReader::LONGEST),
                $part->number('extra', 0, ServiceReader::LONGEST, 0),
                $part->idOrNull('staff', $scenario->book->staff, 'staff member'),
            );
        }

        return $parts;
    }
}
