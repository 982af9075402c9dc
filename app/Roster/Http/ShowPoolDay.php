<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Http\Asker;
use App\Roster\PoolDay;
use App\Support\Checks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use YardBell\Core\Time\Wall;

final readonly class ShowPoolDay
{
    public function __construct(private PoolDay $day)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $date = $request->validate(['date' => ['nullable', Checks::date()]])['date'] ?? null;

        return new JsonResponse(
            $this->day->of($business, $id, $date === null ? null : Wall::day($date)) ??
                throw new NotFoundHttpException(),
        );
    }
}
