<?php

declare(strict_types=1);

namespace App\StandIns\Http;

use App\Support\Clock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The demonstration's clock: put forward to see reminders ring. */
final readonly class ClockPage
{
    public function __construct(private Clock $clock)
    {
    }

    public function show(): View
    {
        return view('stand-ins.clock', ['now' => $this->clock->now(), 'ahead' => $this->clock->minutesAhead()]);
    }

    public function put(Request $request): RedirectResponse
    {
        $minutes = (int) $request->validate(['minutes' => 'required|integer|min:-5256000|max:525600'])['minutes'];
        $this->clock->putForward($minutes);

        return redirect('/stand-ins/clock');
    }
}
