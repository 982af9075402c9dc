<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\CoreException;

use function array_slice;
use function fwrite;
use function implode;
use function in_array;
use function json_encode;

/** The commands that read a document: exit 0 with one JSON object, or exit 2 with one line a problem. */
final class Command
{
    private const SLOTS = <<<'TEXT'
        bin/yardbell slots FILE --service=ID --from=DATE --to=DATE --now=INSTANT
                           [--minutes=N] [--extra=N] [--party=N] [--staff=ID] [--location=ID]
          Prints the times that can be booked on the local dates --from … --to, both included.
          Dates look like 2027-03-01, instants like 2027-03-01T09:00Z. Exit 2 for a bad document or option.
        TEXT;

    private const WHY = <<<'TEXT'
        bin/yardbell why FILE --service=ID --at=INSTANT --now=INSTANT
                         [--minutes=N] [--extra=N] [--party=N] [--staff=ID] [--location=ID]
          Says of each place and person whether the start at --at is offered, or else every rule that stands in the
          way (docs/rules.md) with the thing that causes it. Exit 2 for a bad document or option.
        TEXT;

    private const QUOTE = <<<'TEXT'
        bin/yardbell quote FILE REQUEST.json
          Prints what the visit of the request costs, line by line, what is due when booking, what staff are paid and
          what becomes of each code (docs/rules.md, part 3). Exit 2 for a bad document or request.
        TEXT;

    private const VISITS = <<<'TEXT'
        bin/yardbell visits FILE REQUEST.json
          Prints the visits of several services, one after the other, that can be booked (docs/rules.md, T20). Exit 2
          for a bad document or request.
        TEXT;

    private const REPEATS = <<<'TEXT'
        bin/yardbell repeats FILE REQUEST.json
          Says of each time of the request's repeat which row it takes, or every rule in its way and the nearest row
          (docs/rules.md, T23). Exit 2 for a bad document or request.
        TEXT;

    private const WAITLIST = <<<'TEXT'
        bin/yardbell waitlist FILE --from=DATE --to=DATE --now=INSTANT
          Prints the times on the local dates --from … --to that can be booked and that somebody waits for, each with
          who, the longest waiting first (docs/rules.md, T22). Exit 2 for a bad document or option.
        TEXT;

    private const CHECK = <<<'TEXT'
        bin/yardbell check FILE
          Prints what keeps the business from being bookable, each with a pointer into the document and advice, and the
          version of the zone tables. Exit 2 for a bad document.
        TEXT;

    /** Documents that each command takes. */
    private const FILES = [
        'slots' => 1,
        'why' => 1,
        'quote' => 2,
        'visits' => 2,
        'repeats' => 2,
        'waitlist' => 1,
        'check' => 1,
    ];

    /**
     * @param  list<string>  $arguments
     * @param  resource  $out
     * @param  resource  $errors
     * @param  array<mixed>  $kept see Reader::read()
     */
    public static function run(array $arguments, $out, $errors, array &$kept = []): int
    {
        $name = $arguments[0] ?? '';
        if (in_array('--help', $arguments, true)) {
            fwrite($out, self::usage($name)."\n");

            return 0;
        }
        try {
            fwrite($out, self::answer($name, array_slice($arguments, 1), $kept)."\n");

            return 0;
        } catch (CoreException $wrong) {
            fwrite($errors, $wrong->getMessage()."\n");

            return 2;
        }
    }

    private static function usage(string $name): string
    {
        return match ($name) {
            'slots' => self::SLOTS,
            'why' => self::WHY,
            'quote' => self::QUOTE,
            'visits' => self::VISITS,
            'repeats' => self::REPEATS,
            'waitlist' => self::WAITLIST,
            'check' => self::CHECK,
            default => implode("\n", [
                self::SLOTS,
                self::WHY,
                self::QUOTE,
                self::VISITS,
                self::REPEATS,
                self::WAITLIST,
                self::CHECK,
            ]),
        };
    }

    /**
     * @param  list<string>  $arguments
     * @param  array<mixed>  $kept
     */
    private static function answer(string $name, array $arguments, array &$kept): string
    {
        if (! isset(self::FILES[$name])) {
            throw BadOption::usage(self::usage(''));
        }
        $files = array_values(
            array_filter($arguments, static fn (string $argument): bool => ! str_starts_with($argument, '--')),
        );
        if (count($files) !== self::FILES[$name]) {
            throw BadOption::usage(
                self::FILES[$name] === 2
                    ? 'A document and a request are needed, and nothing else.'
                    : 'One document is needed, and only one. All else begins with --.',
            );
        }
        $scenario = Reader::read(self::read($files[0]), $kept);
        $options = array_values(array_diff($arguments, $files));

        return json_encode(
            match ($name) {
                'slots' => Slots::of($scenario, $options),
                'why' => Why::of($scenario, $options),
                'waitlist' => Waiting::of($scenario, $options),
                'check' => Check::of($scenario, $options),
                'quote' => Quotes::of($scenario, self::request($files[1], $options)),
                'visits' => Visits::of($scenario, self::request($files[1], $options)),
                'repeats' => Repeating::of($scenario, self::request($files[1], $options)),
            },
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }

    /** @param  list<string>  $options */
    private static function request(string $file, array $options): string
    {
        Options::of($options, []);

        return self::read($file);
    }

    private static function read(string $file): string
    {
        $size = is_file($file) ? (int) filesize($file) : 0;
        if ($size > Reader::LARGEST) {
            throw BadDocument::tooLarge($size);
        }
        $json = is_file($file) ? @file_get_contents($file) : false;

        return $json === false ? throw BadOption::usage("\"{$file}\" cannot be read.") : $json;
    }
}
