<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function array_filter;
use function array_flip;
use function array_keys;
use function array_map;
use function array_values;
use function in_array;
use function usort;

/** T16: who would take a service, and whose turn it is. */
final class Crews
{
    /**
     * Everyone together, or each on their own. Keys give the service's staff order.
     *
     * @return array<int, non-empty-list<Member>>
     */
    public static function of(RuleBook $book, Service $service): array
    {
        $active = array_filter(
            array_map(static fn (string $id): Member => $book->staff[$id], $service->staff),
            static fn (Member $member): bool => $member->active,
        );

        return match (true) {
            $active === [] => [],
            $service->assignment === Assignment::All => [array_values($active)],
            default => array_map(static fn (Member $member): array => [$member], $active),
        };
    }

    /**
     * @return array<int, int> by the service's staff order, whose turn it is; 0 comes first. Empty where it is that
     *   order
     */
    public static function turns(Service $service, Diary $diary, int $now): array
    {
        if (! in_array($service->assignment, [Assignment::Choose, Assignment::Rotate], true)) {
            return [];
        }
        $last = $diary->lastTaken($service->id, $now);
        $order = array_keys($service->staff);
        usort(
            $order,
            static fn (int $a, int $b): int => ($last[$service->staff[$a]] ?? PHP_INT_MIN) <=>
            ($last[$service->staff[$b]] ?? PHP_INT_MIN) ?:
            $a <=> $b,
        );

        return array_flip($order);
    }
}
