<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\FirstLook;
use App\Gate\GateLink;
use App\Gate\GatePage;
use App\Gate\KnownClient;
use App\Gate\PageFacts;
use App\Gate\PlainAlmanac;
use App\Gate\PlainChoice;
use App\Gate\Published;
use App\Support\Given;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The booking page, with its first data in it: it can be read before any script runs. */
final readonly class ShowGate
{
    public function __construct(
        private Published $published,
        private GateLink $linked,
        private GatePage $page,
        private FirstLook $first,
        private PageFacts $facts,
        private KnownClient $known,
        private PlainAlmanac $almanac,
        private PlainChoice $plain,
    ) {
    }

    public function __invoke(Request $request, string $slug): View
    {
        return $this->page($request, $slug, '');
    }

    /** @param  string  $notice what became of what was tried */
    public function page(Request $request, string $slug, string $notice): View
    {
        $business = $this->published->page($slug);
        $asked = $request->query('service');
        $page = $this->page->of($business, is_string($asked) ? $asked : null);
        $offered = Given::in($page)->each('services');
        $ids = array_map(static fn (Given $one): string => $one->string('id'), $offered);
        $service = is_string($asked) && in_array($asked, $ids, true) ? $asked : $ids[0] ?? null;
        $choice = $service === null ? null : $this->linked->choice($request, $business, $offered, $service);
        $visit = $choice === null ? null : $this->linked->visit($request, $business, $offered, $choice);

        $facts = $this->facts->of($business, $page, $service === $asked ? $service : null);

        $client = $this->known->client(KnownClient::link($request), $business);
        $first = $choice === null
            ? ['times' => null, 'quote' => null, 'visit' => null]
            : $this->first->of(
                business: $business,
                choice: $choice,
                visit: $visit,
                day: $this->linked->day($request, $business),
                client: $client,
            );

        return view('gate', [
            'title' => $facts['title'],
            'description' => $facts['description'],
            'facts' => $facts,
            'notice' => $notice,
            'almanac' => $first['times'] === null
                ? null
                : $this->almanac->of($business, Given::in($page), Given::in($first['times'])),
            'choices' => $choice === null ? null : $this->plain->choices(Given::in($page), $choice),
            'picked' => $choice === null
                ? null
                : $this->plain->picked(
                    business: $business,
                    choice: $choice,
                    visit: $visit,
                    start: GateLink::start($request),
                    client: $client,
                ),
            'first' => [
                'page' => $page,
                ...$first,
                'booking' => null,
                'own' => null,
                'known' => $this->known->of($request, $business),
            ],
        ]);
    }
}
