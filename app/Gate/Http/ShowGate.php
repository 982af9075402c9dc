<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\Choice;
use App\Bookings\OpenTimes;
use App\Gate\GatePage;
use App\Gate\GateQuote;
use App\Gate\Published;
use App\Language\Catalogue;
use App\Models\Business;
use App\Support\Given;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;

/** The booking page, with its first data in it: it can be read before any script runs. */
final readonly class ShowGate
{
    public function __construct(
        private Published $published,
        private GatePage $page,
        private OpenTimes $times,
        private GateQuote $quote,
        private Catalogue $catalogue,
    ) {
    }

    public function __invoke(Request $request, string $slug): View
    {
        $business = $this->published->page($slug);
        $asked = $request->query('service');
        $page = $this->page->of($business, is_string($asked) ? $asked : null);
        $offered = Given::in($page)->each('services');
        $ids = array_map(static fn (Given $one): string => $one->string('id'), $offered);
        $service = is_string($asked) && in_array($asked, $ids, true) ? $asked : $ids[0] ?? null;
        $with = $request->query('with');
        $staff = is_string($with)
            ? $business
                ->staff()
                ->where('active', true)
                ->where(static fn (Builder $query) => $query->where('id', $with)->orWhere('page', $with))
                ->first()?->id
            : null;

        return view('gate', [
            'title' => $this->catalogue->say('page.gate.title', ['business' => $business->name]),
            'description' => $business->about !== ''
                ? $business->about
                : $this->catalogue->say('page.gate.description', ['business' => $business->name]),
            'first' => [
                'page' => $page,
                ...$service === null
                    ? ['times' => null, 'quote' => null]
                    : $this->first($business, new Choice($service, $staff, location: self::place($offered, $service))),
                'booking' => null,
            ],
        ]);
    }

    /** @return array{times: mixed, quote: array<string, mixed>} */
    private function first(Business $business, Choice $choice): array
    {
        return [
            'times' => json_decode($this->times->answer($business, $choice, null), flags: JSON_THROW_ON_ERROR),
            'quote' => $this->quote->of($business, $choice),
        ];
    }

    /**
     * The first of several places, as one of them must be chosen; null for the only one.
     *
     * @param  list<Given>  $offered services of the page
     */
    private static function place(array $offered, string $service): ?string
    {
        foreach ($offered as $one) {
            if ($one->string('id') === $service) {
                return count($one->strings('locations')) > 1 ? $one->strings('locations')[0] : null;
            }
        }

        return null;
    }
}
