<?php

declare(strict_types=1);

use YardBell\Core\Tests\Support\Days;

/* Run as a process of its own, with the memory it is given there: an answer or a refusal, never a crash. */

/** @return array{int, string, string} the exit status, what was printed, what was complained of */
function yardbell(string $name, string $json, string ...$options): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'yard');
    file_put_contents($file, $json);
    $process = proc_open(
        [dirname(__DIR__, 3).'/bin/yardbell', $name, $file, ...$options],
        [1 => ['pipe', 'w'], 2 => ['file', "{$file}.errors", 'w']],
        $pipes,
    );
    assert(is_resource($process));
    $out = (string) stream_get_contents($pipes[1]);
    $exit = proc_close($process);
    $errors = (string) file_get_contents("{$file}.errors");
    unlink($file);
    unlink("{$file}.errors");

    return [$exit, $out, $errors];
}

const ASK = ['--service=lesson', '--now=2027-02-01T00:00Z', '--from=2027-03-01', '--to=2027-03-01'];

it('answers about a hundred thousand bookings', function (): void {
    $document = Days::document(more: ['bookings' => []]);
    $bookings = [];
    for ($i = 0; $i < 100_000; $i++) {
        $bookings[] = [
            'id' => "b{$i}",
            'service' => 'lesson',
            'start' => gmdate('Y-m-d\TH:i\Z', 1_700_000_000 + 3600 * $i - (1_700_000_000 % 3600)),
            'minutes' => 60,
            'staff' => ['ana'],
            'location' => 'yard',
            'createdAt' => '2023-01-01T00:00Z',
        ];
    }
    [$exit, $out] = yardbell('slots', json_encode(['bookings' => $bookings] + $document, JSON_THROW_ON_ERROR), ...ASK);
    expect([$exit, $out])->toBe([0, "{\"slots\":[]}\n"]);
    [$exit, $out] = yardbell(
        'check',
        json_encode(
            [
                'bookings' => array_map(
                    static fn (array $booking): array => ['start' => '2027-03-01T09:00Z'] + $booking,
                    array_slice($bookings, 0, 3000),
                ),
            ] + $document,
            JSON_THROW_ON_ERROR,
        ),
    );
    expect($exit)->toBe(0)->and(json_decode($out, true)['findings'])->toHaveCount(200);
});

it('answers about ten years of a window', function (): void {
    $document = Days::document(
        ['bookAheadDays' => 36_500, 'startEvery' => 1, 'minutes' => 1],
        ['closures' => [['id' => 'all', 'from' => '1900-01-01T00:00', 'to' => '2199-12-31T00:00']]],
    );
    expect(
        yardbell(
            'slots',
            json_encode($document, JSON_THROW_ON_ERROR),
            '--service=lesson',
            '--now=2027-02-01T00:00Z',
            '--from=2027-03-01',
            '--to=2037-03-01',
        ),
    )->toBe([0, "{\"slots\":[]}\n", '']);
});

/* The long ones are made when they are needed: the tests' own printer would copy them many times. */
it('refuses what cannot be meant', function (string $json, string $said): void {
    [$exit, $out, $errors] = yardbell('slots', $json, ...ASK);
    expect($exit)->toBe(2)->and($out)->toBe('')->and($errors)->toContain($said);
})->with([
    'deep nesting' => [
        fn (): string => str_repeat('{"business":', 40_000).'1'.str_repeat('}', 40_000),
        '/: this is not a JSON document',
    ],
    'a huge number' => [
        '{"format":"yardbell/1","business":{"timeZone":"UTC","travelMinutes":1e400}}',
        '/business/travelMinutes: a whole number is needed.',
    ],
    'a number beyond integers' => [
        '{"format":"yardbell/1","business":{"timeZone":"UTC","travelMinutes":99999999999999999999}}',
        '/business/travelMinutes: a whole number is needed.',
    ],
    'a large number' => [
        '{"format":"yardbell/1","business":{"timeZone":"UTC","travelMinutes":9999999999}}',
        '/business/travelMinutes: 9999999999 is too large',
    ],
    'a path for a zone' => [
        '{"format":"yardbell/1","business":{"timeZone":"../../etc/passwd"}}',
        '/business/timeZone:',
    ],
    'a text without end' => [
        fn (): string => '{"format":"yardbell/1","business":{"timeZone":"UTC","name":"'.str_repeat('a', 100_000).'"}}',
        '/business/name: a text of 1 to 500 bytes is needed.',
    ],
    'thousands of mistakes, a hundred of them told' => [
        fn (): string => '{"format":"yardbell/1","business":{"timeZone":"UTC"},"staff":['
            .implode(',', array_fill(0, 5000, '{}'))
            .']}',
        '/staff/99/id: it is missing.',
    ],
    'too many things' => [
        fn (): string => '{"format":"yardbell/1","codes":['.implode(',', array_fill(0, 400_000, '{}')).']}',
        '/: this document has more than 400000 objects or lists',
    ],
    'too large' => [
        fn (): string => str_repeat(' ', 60_000_001),
        '/: a document has at most 60 MB, this one has 60.',
    ],
]);
