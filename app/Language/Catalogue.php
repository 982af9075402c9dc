<?php

declare(strict_types=1);

namespace App\Language;

use Illuminate\Contracts\Foundation\Application;
use Illuminate\Translation\Translator;
use LogicException;
use MessageFormatter;

/** Sentences by code and parameters, in the reader's language: ICU message patterns, one file a subject in lang/. */
final readonly class Catalogue
{
    public function __construct(private Translator $translator, private Application $app)
    {
    }

    /**
     * @param  string  $code "mail.subject.booked": file and place in it
     * @param  array<string, int|string|Sentence>  $parameters amounts and times as they are written for the reader; a
     *   sentence among them is said first
     */
    public function say(string $code, array $parameters = []): string
    {
        $parameters = array_map(
            fn (int|string|Sentence $one): int|string => $one instanceof Sentence ? $this->sentence($one) : $one,
            $parameters,
        );
        $pattern = $this->translator->get($code);
        if (! is_string($pattern) || $pattern === $code) {
            throw new LogicException("No language has a sentence \"{$code}\".");
        }
        $said = MessageFormatter::formatMessage($this->translator->getLocale(), $pattern, $parameters);

        return $said === false
            ? throw new LogicException("The sentence \"{$code}\" cannot be filled in: ".intl_get_error_message())
            : $said;
    }

    public function sentence(Sentence $sentence): string
    {
        return $this->say($sentence->code, $sentence->parameters);
    }

    /** A text that may be a sentence (Sentence::text): said if it is one that is known, as it stands otherwise. */
    public function text(string $text): string
    {
        $sentence = Sentence::read($text);

        return $sentence !== null && $this->knows($sentence->code) ? $this->sentence($sentence) : $text;
    }

    /** The reader's locale. */
    public function locale(): string
    {
        return $this->app->getLocale();
    }

    public function knows(string $code): bool
    {
        return is_string($this->translator->get($code)) && $this->translator->has($code);
    }

    /**
     * In another language while the work lasts.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function in(string $locale, callable $work): mixed
    {
        $before = $this->app->getLocale();
        $this->app->setLocale($locale);
        try {
            return $work();
        } finally {
            $this->app->setLocale($before);
        }
    }
}
