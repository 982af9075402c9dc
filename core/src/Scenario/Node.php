<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use Generator;
use stdClass;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

use function array_diff;
use function array_is_list;
use function array_keys;
use function implode;
use function in_array;
use function is_array;
use function is_bool;
use function is_int;
use function is_string;
use function strlen;

/**
 * One object of the document: its keys read by name, each wrong one noted with its pointer.
 *
 * A reading method gives a usable value in any case, so that reading goes on and finds every problem.
 */
final readonly class Node
{
    /** Longest text, in bytes. */
    public const LONGEST = 500;

    /** What an id is (rules.md, part 2): ids stand beside each other in what is printed, with spaces between. */
    private const ID = '/^[A-Za-z0-9_.:-]{1,64}\z/';

    /** @param  list<string>  $keys the keys it may have */
    public function __construct(private stdClass $value, public string $pointer, public Problems $problems, array $keys)
    {
        foreach (array_diff(array_keys(get_object_vars($value)), $keys) as $key) {
            $problems->add($this->at((string) $key), 'this key is not known here.');
        }
    }

    public function has(string $key): bool
    {
        return isset($this->value->$key);
    }

    public function raw(string $key): mixed
    {
        return $this->value->$key ?? null;
    }

    /**
     * @param  array<string, mixed>  $keys
     * @return array<string, mixed> those of these keys that are there, as they are
     */
    public function given(array $keys): array
    {
        return array_filter(
            array_intersect_key((array) $this->value, $keys),
            static fn (mixed $value): bool => $value !== null,
        );
    }

    public function at(string $key): string
    {
        return $this->pointer.'/'.strtr($key, ['~' => '~0', '/' => '~1']);
    }

    public function refuse(string $key, string $sentence): void
    {
        $this->problems->add($this->at($key), $sentence);
    }

    /** A non-empty text; $default null: it must stand. */
    public function text(string $key, ?string $default = null): string
    {
        $value = $this->value->$key ?? null;
        if ($value === null && $default !== null) {
            return $default;
        }
        if (is_string($value) && $value !== '' && strlen($value) <= self::LONGEST) {
            return $value;
        }
        $this->refuse(
            $key,
            $value === null ? 'it is missing.' : 'a text of 1 to '.self::LONGEST.' bytes is needed.',
        );

        return '';
    }

    public function textOrNull(string $key): ?string
    {
        return $this->has($key) ? $this->text($key) : null;
    }

    /** A whole number; $default null: it must stand. */
    public function number(string $key, int $min, int $max, ?int $default = null): int
    {
        $value = $this->value->$key ?? $default;
        if (is_int($value) && $value >= $min && $value <= $max) {
            return $value;
        }
        $this->refuse(
            $key,
            match (true) {
                $value === null => 'it is missing.',
                ! is_int($value) => 'a whole number is needed.',
                $value < $min => "{$value} is too small, at least {$min} is needed.",
                default => "{$value} is too large, at most {$max} is possible.",
            },
        );

        return $min;
    }

    public function numberOrNull(string $key, int $min, int $max): ?int
    {
        return $this->has($key) ? $this->number($key, $min, $max) : null;
    }

    public function flag(string $key, bool $default): bool
    {
        $value = $this->value->$key ?? $default;
        if (! is_bool($value)) {
            $this->refuse($key, 'true or false is needed.');
        }

        return $value === true;
    }

    /** @param  non-empty-list<string>  $choices */
    public function choice(string $key, array $choices, string $default): string
    {
        $value = $this->value->$key ?? $default;
        if (is_string($value) && in_array($value, $choices, true)) {
            return $value;
        }
        $this->refuse($key, 'one of '.implode(', ', $choices).' is needed.');

        return $default;
    }

    public function instant(string $key): int
    {
        return $this->time($key, Wall::instant(...));
    }

    public function instantOrNull(string $key): ?int
    {
        return $this->has($key) ? $this->instant($key) : null;
    }

    public function dayOrNull(string $key): ?int
    {
        return $this->has($key) ? $this->time($key, Wall::day(...)) : null;
    }

    /** @param  callable(string): int  $read */
    public function time(string $key, callable $read): int
    {
        $value = $this->text($key);
        if ($value === '') {
            return 0;
        }
        try {
            return $read($value);
        } catch (InvalidTime $wrong) {
            $this->refuse($key, $wrong->getMessage());

            return 0;
        }
    }

    /**
     * A list of texts without doubles.
     *
     * @param  array<string, mixed>|null  $known the ids there are; null: any
     * @return list<string>
     */
    public function ids(string $key, ?array $known, string $what): array
    {
        $ids = [];
        foreach ($this->items($key) as $i => $id) {
            $at = "{$this->at($key)}/{$i}";
            if (! is_string($id) || $id === '') {
                $this->problems->add($at, 'an id is a text.');
            } elseif ($known === null && preg_match(self::ID, $id) !== 1) {
                $this->problems->add($at, self::notAnId($id));
            } elseif ($known !== null && ! isset($known[$id])) {
                $this->problems->add($at, "there is no {$what} \"{$id}\".");
            } elseif (in_array($id, $ids, true)) {
                $this->problems->add($at, "\"{$id}\" stands here twice.");
            } else {
                $ids[] = $id;
            }
        }

        return $ids;
    }

    /** The id of something that is new: it must stand. */
    public function newId(): string
    {
        $id = $this->text('id');
        if ($id !== '' && preg_match(self::ID, $id) !== 1) {
            $this->refuse('id', self::notAnId($id));
        }

        return $id;
    }

    private static function notAnId(string $id): string
    {
        return "an id is 1 to 64 letters A to Z, digits and the signs - _ . : alone, not \"{$id}\".";
    }

    /** @param  array<string, mixed>  $known */
    public function idOrNull(string $key, array $known, string $what): ?string
    {
        $id = $this->textOrNull($key);
        if ($id !== null && $id !== '' && ! isset($known[$id])) {
            $this->refuse($key, "there is no {$what} \"{$id}\".");
        }

        return $id;
    }

    /** @param  array<string, mixed>  $known */
    public function id(string $key, array $known, string $what): string
    {
        if (! $this->has($key)) {
            $this->refuse($key, 'it is missing.');
        }

        return $this->idOrNull($key, $known, $what) ?? '';
    }

    /** @return list<mixed> */
    public function items(string $key): array
    {
        $value = $this->value->$key ?? [];
        if (is_array($value) && array_is_list($value)) {
            return $value;
        }
        $this->refuse($key, 'a list is needed.');

        return [];
    }

    /** @param  list<string>  $keys */
    public function node(string $key, array $keys): ?self
    {
        $value = $this->value->$key ?? null;
        if ($value instanceof stdClass) {
            return new self($value, $this->at($key), $this->problems, $keys);
        }
        if ($value !== null) {
            $this->refuse($key, 'an object is needed.');
        }

        return null;
    }

    /**
     * @param  list<string>  $keys
     * @return Generator<int, self>
     */
    public function nodes(string $key, array $keys): Generator
    {
        foreach ($this->items($key) as $i => $item) {
            $node = $this->item($key, $i, $item, $keys);
            if ($node !== null) {
                yield $node;
            }
        }
    }

    /**
     * The objects of a list that has been looked at before, by their ids.
     *
     * @param  list<string>  $having only those with one of these keys
     * @return Generator<string, self>
     */
    public function again(string $key, array $having): Generator
    {
        foreach ($this->items($key) as $i => $item) {
            $keys = $item instanceof stdClass ? array_map(strval(...), array_keys(get_object_vars($item))) : [];
            if ($item instanceof stdClass && is_string($item->id ?? null) && array_intersect($having, $keys) !== []) {
                yield $item->id => new self($item, "{$this->at($key)}/{$i}", $this->problems, $keys);
            }
        }
    }

    /** @param  list<string>  $keys */
    public function item(string $key, int $i, mixed $item, array $keys): ?self
    {
        $at = "{$this->at($key)}/{$i}";
        if ($item instanceof stdClass) {
            return new self($item, $at, $this->problems, $keys);
        }
        $this->problems->add($at, 'an object is needed.');

        return null;
    }
}
