<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\DayFigures;
use App\Models\DayClose;
use App\Support\Checks;
use App\Support\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a day came to, and how it was closed. */
final readonly class ShowDay
{
    public function __construct(private DayFigures $figures, private Clock $clock)
    {
    }

    public function __invoke(Request $request, string $slug, string $day): JsonResponse
    {
        $business = Asker::business($request);
        $today = $this->clock->now()->setTimezone($business->time_zone)->format('Y-m-d');
        $day = $day === 'today' ? $today : $day;
        validator(['day' => $day], ['day' => ['required', Checks::date()]])->validate();

        return new JsonResponse([
            'day' => $day,
            'isToday' => $day === $today,
            'currency' => $business->currency,
            'ways' => $this->figures->ways($business, $day),
            'drawer' => $this->figures->drawer($business),
            'closes' => DayClose::query()
                ->where('business_id', $business->id)
                ->where('day', $day)
                ->orderBy('at')
                ->get()
                ->map(
                    static fn (DayClose $close): array => [
                        'expected' => $close->expected,
                        'counted' => $close->counted,
                        'banked' => $close->banked,
                        'note' => $close->note,
                        'by' => $close->by,
                        'at' => $close->at->format('Y-m-d\TH:i\Z'),
                        'ways' => $close->ways,
                    ],
                )
                ->all(),
        ]);
    }
}
