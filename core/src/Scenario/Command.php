<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\CoreException;
use YardBell\Core\Time\Wall;

use function array_diff_key;
use function array_map;
use function array_slice;
use function in_array;

/** The commands that read a document: exit 0 with one JSON object, or exit 2 with one line a problem. */
final class Command
{
    private const USAGE = <<<'TEXT'
        bin/yardbell slots FILE --service=ID --from=DATE --to=DATE --now=INSTANT
                           [--minutes=N] [--extra=N] [--party=N] [--staff=ID] [--location=ID]
          Prints the times that can be booked on the local dates --from … --to, both included.
          Dates look like 2027-03-01, instants like 2027-03-01T09:00Z. Exit 2 for a bad document or option.
        TEXT;

    /** Days asked for at most: a longer range is a slip of the keyboard. */
    private const LONGEST_DAYS = 3700;

    /**
     * @param  list<string>  $arguments
     * @param  resource  $out
     * @param  resource  $errors
     */
    public static function run(array $arguments, $out, $errors): int
    {
        if (in_array('--help', $arguments, true)) {
            fwrite($out, self::USAGE."\n");

            return 0;
        }
        try {
            fwrite($out, match ($arguments[0] ?? '') {
                'slots' => self::slots(array_slice($arguments, 1)),
                default => throw BadOption::usage(self::USAGE),
            }."\n");

            return 0;
        } catch (CoreException $wrong) {
            fwrite($errors, $wrong->getMessage()."\n");

            return 2;
        }
    }

    /** @param  list<string>  $arguments */
    private static function slots(array $arguments): string
    {
        $scenario = self::read($arguments[0] ?? '');
        $options = Options::of(array_slice($arguments, 1), ['service', 'from', 'to', 'now', 'minutes', 'extra', 'party', 'staff', 'location']);
        $ask = self::ask($options, $scenario);
        $rows = array_map(self::row(...), (new SlotSearch($scenario->book, $scenario->diary))->slots($ask));

        return json_encode(['slots' => $rows], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    private static function ask(Options $options, Scenario $scenario): Ask
    {
        $options->text('service');
        $from = $options->time('from', Wall::day(...));
        $to = $options->time('to', Wall::day(...));
        if ($from > $to) {
            throw BadOption::named('from', 'it must not be after --to.');
        }
        if ($to - $from > self::LONGEST_DAYS) {
            throw BadOption::named('to', 'at most '.self::LONGEST_DAYS.' days can be asked for at once.');
        }

        return new Ask(
            service: $options->id('service', $scenario->book->services) ?? '',
            fromDay: $from,
            toDay: $to,
            now: $options->time('now', Wall::instant(...)),
            minutes: $options->number('minutes', 1),
            extra: $options->number('extra', 0) ?? 0,
            party: $options->number('party', 1) ?? 1,
            staff: $options->id('staff', $scenario->book->staff),
            location: $options->id('location', $scenario->book->locations),
        );
    }

    private static function read(string $file): Scenario
    {
        if ($file === '' || str_starts_with($file, '--')) {
            throw BadOption::usage('The first argument is the document to read.');
        }
        $json = is_file($file) ? @file_get_contents($file) : false;

        return Reader::read($json === false ? throw BadOption::usage("\"{$file}\" cannot be read.") : $json);
    }

    /** @return array<string, mixed> */
    private static function row(Slot $slot): array
    {
        $row = [
            'start' => Wall::writeInstant($slot->start),
            'end' => Wall::writeInstant($slot->end),
            'location' => $slot->location,
            'staff' => $slot->staff,
            'units' => $slot->units,
            'places' => $slot->places,
            'next' => $slot->next,
            'session' => $slot->session,
        ];

        return $slot->next === null ? array_diff_key($row, ['next' => true]) : $row;
    }
}
