<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\GatePage;
use App\Gate\OpenTimes;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;

/** The booking page, with its first data in it: it can be read before any script runs. */
final readonly class ShowGate
{
    public function __construct(private GatePage $page, private OpenTimes $times)
    {
    }

    public function __invoke(Request $request, string $slug): View
    {
        $business = GatePage::published($slug);
        $asked = $request->query('service');
        $page = $this->page->of($business, is_string($asked) ? $asked : null);
        $ids = array_column($page['services'], 'id');
        $service = is_string($asked) && in_array($asked, $ids, true) ? $asked : $ids[0] ?? null;
        $with = $request->query('with');
        $staff = is_string($with) ? $business->staff()->where('active', true)->where(static fn (Builder $query) => $query->where('id', $with)->orWhere('page', $with))->value('id') : null;

        return view('gate', [
            'title' => "Book at {$business->name}",
            'description' => $business->about !== '' ? $business->about : "Pick a time at {$business->name} and book it in a minute.",
            'first' => ['page' => $page, 'times' => $service === null ? null : $this->times->of($business, $service, $staff, null), 'booking' => null],
        ]);
    }
}
