<?php

declare(strict_types=1);

namespace App\Language;

/** What is to be said, by code and parameters, before it is known in which language. */
final readonly class Sentence
{
    /**
     * @param  string  $code "refusal.held.gone": file and place in it
     * @param  array<string, int|string|self>  $parameters a sentence among them is said first
     */
    public function __construct(public string $code, public array $parameters = [])
    {
    }

    /** "wrong.pool.booked?name=Wheel%201": for where only text is taken, as by the rules of fields. */
    public function text(): string
    {
        $parameters = array_map(
            static fn (int|string|self $one): int|string => $one instanceof self ? $one->text() : $one,
            $this->parameters,
        );

        return $parameters === [] ? $this->code : $this->code.'?'.http_build_query($parameters);
    }

    /** What text() has written; null for any other text. */
    public static function read(string $text): ?self
    {
        if (preg_match('/^[a-z]+(?:\.[a-z0-9_-]+)+(?=\?|\z)/', $text, $code) !== 1) {
            return null;
        }
        parse_str(substr($text, strlen($code[0]) + 1), $given);
        $parameters = [];
        foreach (array_filter($given, is_string(...)) as $name => $one) {
            $parameters[(string) $name] = self::read($one) ?? $one;
        }

        return new self($code[0], $parameters);
    }
}
