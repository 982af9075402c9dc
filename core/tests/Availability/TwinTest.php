<?php

declare(strict_types=1);

use YardBell\Core\Tests\Support\Chance;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Tests\Support\Twin;

/*
 * The search against a twin that asks every minute of the dates, on documents made by chance (rules.md T1–T17, T21).
 * More of them: YARDBELL_SEEDS=1000 vendor/bin/pest core/tests/Availability/TwinTest.php
 */

it('agrees with the slow twin', function (int $first, int $count): void {
    $rows = 0;
    for ($seed = $first; $seed < $first + $count; $seed++) {
        $chance = new Chance($seed);
        $document = $chance->document();
        $document['business']['tightDays'] = ['off', 'mark', 'only'][$seed % 3];
        $ask = $chance->ask();
        $fast = array_map(
            static fn (array $row): string => "{$row['start']} "
                .implode('+', $row['staff'])
                ." {$row['location']} ["
                .implode(',', $row['units'])
                ."] {$row['places']} "
                .match ($row['next'] ?? null) {
                    true => 'yes',
                    false => 'no',
                    null => '-',
                }
                .match ($row['tight'] ?? null) {
                    true => ' tight',
                    false => ' loose',
                    null => '',
                },
            Days::slots($document, [
                'service' => 'lesson',
                'from' => $ask['from'],
                'to' => max($ask['from'], $ask['to']),
                'now' => $ask['now'],
                'party' => (string) $ask['party'],
                'extra' => (string) $ask['extra'],
            ]),
        );
        $slow = (new Twin($document))->slots(['to' => max($ask['from'], $ask['to'])] + $ask);
        expect($fast)->toBe($slow, "seed {$seed}, {$chance->zone}");
        $rows += count($slow);
    }
    expect($rows)->toBeGreaterThan(2 * $count); // a guard: documents that offer nothing would prove nothing
})->with(function (): Generator {
    for ($left = Chance::seeds(14), $first = 30; $left > 0; $left -= 7, $first += 7) {
        yield "seeds from {$first}" => [$first, min(7, $left)];
    }
});
