<?php

declare(strict_types=1);

namespace App\Language;

use Illuminate\Contracts\Cache\Factory;
use ResourceBundle;

/** The languages spoken here. A locale says besides in which country, by which dates and amounts are written. */
final readonly class Languages
{
    /**
     * @param  non-empty-list<string>  $spoken folders of lang/, the first of them where another lacks a sentence
     * @param  string  $ordinary the locale of whoever asks for none that is spoken: "en-GB"
     */
    public function __construct(private array $spoken, public string $ordinary, private Factory $caches)
    {
    }

    /** "en" of "en-GB"; null where the language is not spoken. */
    public function of(string $locale): ?string
    {
        $candidates = [$locale, explode('-', $locale)[0]];

        return array_values(array_intersect($candidates, $this->spoken))[0] ?? null;
    }

    /** @return non-empty-list<string> the languages in which a sentence is looked for, one after the other */
    public function fallbacks(string $locale): array
    {
        return array_values(array_unique([$this->of($locale) ?? $this->spoken[0], $this->spoken[0]]));
    }

    /** @return list<string> locales a house may choose: each spoken language as it is written in each country */
    public function locales(): array
    {
        // kept, since asking all of ICU's tables takes as long as a whole answer
        return $this->caches
            ->store('rules')
            ->rememberForever('locales '.implode(',', $this->spoken), $this->written(...));
    }

    /** @return list<string> */
    private function written(): array
    {
        $known = array_map(
            static fn (string $one): string => str_replace('_', '-', $one),
            ResourceBundle::getLocales('') ?: [],
        );
        $written = array_filter(
            [...$this->spoken, ...$known],
            fn (string $one): bool => preg_match('/^[a-z]{2,3}-[A-Z]{2}\z/', $one) === 1 && $this->of($one) !== null,
        );

        return array_values(array_unique($written));
    }

    /** Where a line of it begins: "ltr" or "rtl". */
    public function direction(string $locale): string
    {
        $layout = ResourceBundle::create($locale, 'ICUDATA', true)?->get('layout');
        $order = $layout instanceof ResourceBundle ? $layout->get('characters') : null;

        return $order === 'right-to-left' ? 'rtl' : 'ltr';
    }
}
