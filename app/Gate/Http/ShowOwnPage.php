<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\GatePage;
use App\Gate\LinkedClient;
use App\Gate\OwnPage;
use App\Language\Catalogue;
use App\Models\Business;
use App\Support\Clock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** A client's own page at a business, by the link that was mailed to them. */
final readonly class ShowOwnPage
{
    public function __construct(
        private LinkedClient $linked,
        private GatePage $page,
        private OwnPage $own,
        private Catalogue $catalogue,
        private Clock $clock,
    ) {
    }

    public function __invoke(Request $request, string $id): View
    {
        $client = $this->linked->find($request, $id);
        if ($client->proven_at === null) {
            $client->update(['proven_at' => $this->clock->now()]); // the link was mailed: the address is theirs
        }
        $business = Business::query()->findOrFail($client->business_id);

        return view('gate', [
            'title' => $this->catalogue->say('page.own.title', ['business' => $business->name]),
            'description' => $this->catalogue->say('page.own.title', ['business' => $business->name]),
            'first' => [
                'page' => $this->page->of($business),
                'times' => null,
                'quote' => null,
                'visit' => null,
                'booking' => null,
                'own' => $this->own->of($business, $client),
                'known' => null,
            ],
        ]);
    }
}
