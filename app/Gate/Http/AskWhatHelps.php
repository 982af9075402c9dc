<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\NothingFree;
use App\Gate\Published;
use App\Gate\ReadChoice;
use App\Gate\WhatHelps;
use App\Support\Checks;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\Wall;

/** Asked where the almanac has nothing to show. */
final readonly class AskWhatHelps
{
    public function __construct(
        private Published $published,
        private WhatHelps $helps,
        private NothingFree $nothing,
        private ReadChoice $read,
    ) {
    }

    public function __invoke(Request $request, string $slug): JsonResponse
    {
        $service = $request->query('service');
        $business = $this->published->offering($slug, is_string($service) ? $service : '');
        $choice = ($this->read)($request, $business, (string) $request->string('service'));
        $from = Given::in($request->validate(['from' => ['required', Checks::date()]]))->string('from');
        $visit = $this->read->visit($request, $business, $choice);

        $day = Wall::day($from);

        return new JsonResponse([
            'why' => $this->nothing->says($business, $choice, $visit, $day),
            'ways' => $this->helps->of($business, $choice, $visit, $day),
        ]);
    }
}
