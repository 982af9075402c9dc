<?php

declare(strict_types=1);

namespace App\Http;

use App\Language\Catalogue;
use App\Language\Languages;
use Illuminate\Contracts\View\View;

/** What every page is given: its locale, where its lines begin, the build and the sentences of its language. */
final readonly class ReadersPage
{
    public function __construct(private Languages $languages, private Catalogue $catalogue)
    {
    }

    public function compose(View $view): void
    {
        $locale = $this->catalogue->locale();
        $view->with([
            'locale' => $locale,
            'direction' => $this->languages->direction($locale),
            'build' => 'build/'.$this->languages->fallbacks($locale)[0],
            'say' => $this->catalogue->say(...),
        ]);
    }
}
