<?php

declare(strict_types=1);

namespace App\Sessions\Http;

use App\Http\Asker;
use App\Models\Service;
use App\Sessions\SessionList;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The sessions of a service that are to come. */
final readonly class ShowSessions
{
    public function __construct(private SessionList $list, private Clock $clock)
    {
    }

    public function __invoke(Request $request, string $slug, string $service): JsonResponse
    {
        $business = Asker::business($request);
        $of = Service::query()->where('business_id', $business->id)->findOrFail($service);
        $coming = fn (Builder $query): Builder => $query
            ->where('service_id', $of->id)
            ->where('state', 'scheduled')
            ->where('starts_at', '>', $this->clock->now());

        return new JsonResponse(['sessions' => $this->list->of($business, $coming)]);
    }
}
