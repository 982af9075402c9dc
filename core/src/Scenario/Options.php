<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/** The --name=value options of a command, each read once and checked. */
final readonly class Options
{
    /** Days asked for at most: a longer range is a slip of the keyboard. */
    public const LONGEST_DAYS = 3700;

    /** @param  array<string, string>  $given */
    private function __construct(private array $given)
    {
    }

    /**
     * @param  list<string>  $arguments
     * @param  list<string>  $known
     *
     * @throws BadOption
     */
    public static function of(array $arguments, array $known): self
    {
        $given = [];
        foreach ($arguments as $argument) {
            if (preg_match('/^--([a-zA-Z]+)=(.*)\z/s', $argument, $part) !== 1 || ! in_array($part[1], $known, true)) {
                throw BadOption::usage(
                    "\"{$argument}\" is not an option here; options are --".implode('=…, --', $known).'=….',
                );
            }
            if (isset($given[$part[1]])) {
                throw BadOption::named($part[1], 'it is given twice.');
            }
            $given[$part[1]] = $part[2];
        }

        return new self($given);
    }

    /** @throws BadOption */
    public function text(string $name): string
    {
        return $this->given[$name] ?? throw BadOption::named($name, 'it is needed.');
    }

    /**
     * @param  callable(string): int  $read
     *
     * @throws BadOption
     */
    public function time(string $name, callable $read): int
    {
        try {
            return $read($this->text($name));
        } catch (InvalidTime $wrong) {
            throw BadOption::named($name, $wrong->getMessage());
        }
    }

    /**
     * The local dates --from … --to, both included.
     *
     * @return array{int, int} day numbers
     *
     * @throws BadOption
     */
    public function dates(): array
    {
        $from = $this->time('from', Wall::day(...));
        $to = $this->time('to', Wall::day(...));
        if ($from > $to) {
            throw BadOption::named('from', 'it must not be after --to.');
        }
        if ($to - $from > self::LONGEST_DAYS) {
            throw BadOption::named('to', 'at most '.self::LONGEST_DAYS.' days can be asked for at once.');
        }

        return [$from, $to];
    }

    /** @throws BadOption unless plain digits and at least $min */
    public function number(string $name, int $min): ?int
    {
        $given = $this->given[$name] ?? null;
        if ($given !== null && (preg_match('/^\d{1,9}\z/', $given) !== 1 || (int) $given < $min)) {
            throw BadOption::named($name, "a whole number of at least {$min} is needed, but got \"{$given}\".");
        }

        return $given === null ? null : (int) $given;
    }

    /**
     * @param  array<string, mixed>  $known
     *
     * @throws BadOption for an id the document lacks
     */
    public function id(string $name, array $known): ?string
    {
        $given = $this->given[$name] ?? null;

        return $given === null || isset($known[$given])
            ? $given
            : throw BadOption::named($name, "the document has no \"{$given}\".");
    }
}
