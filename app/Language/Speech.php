<?php

declare(strict_types=1);

namespace App\Language;

use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Request;

/** In which locale a request is answered: one for each request. */
final class Speech
{
    /** A language, and perhaps a country: what else may stand in what is asked for is not looked at. */
    private const FORM = '/^[a-z]{2,3}(?:-[A-Z]{2})?\z/';

    /** What whoever asks would like, as far as it is spoken here. */
    private ?string $asked = null;

    public function __construct(private readonly Languages $languages, private readonly Application $app)
    {
    }

    public function hear(Request $request): void
    {
        $this->asked = $this->asked($request);
        $this->in($this->asked ?? $this->languages->ordinary);
    }

    /** From here on as a house writes, unless its reader would rather have another language. */
    public function of(string $house): void
    {
        $same = $this->asked === null || $this->languages->of($this->asked) === $this->languages->of($house);
        $this->in($same ? $house : $this->asked);
    }

    private function asked(Request $request): ?string
    {
        $chosen = $request->query('lang');
        foreach ([...is_string($chosen) ? [$chosen] : [], ...$request->getLanguages()] as $one) {
            $locale = str_replace('_', '-', $one);
            $language = $this->languages->of($locale);
            if ($language !== null) {
                return preg_match(self::FORM, $locale) === 1 ? $locale : $language;
            }
        }

        return null;
    }

    private function in(string $locale): void
    {
        if ($locale !== $this->app->getLocale()) {
            $this->app->setLocale($locale);
        }
    }
}
