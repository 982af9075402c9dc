<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\GatePage;
use App\Gate\OpenTimes;
use App\Http\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

final readonly class AskOpenTimes
{
    public function __construct(private OpenTimes $times)
    {
    }

    public function __invoke(Request $request, string $slug): JsonResponse
    {
        [$service, $staff, $from] = [$request->query('service'), $request->query('staff'), $request->query('from')];
        $service = is_string($service) ? $service : '';
        $business = GatePage::offering($slug, $service);
        $party = (int) ($request->validate(['party' => 'nullable|integer|min:1|max:100000'])['party'] ?? 1);
        try {
            $fromDay = is_string($from) ? Wall::day($from) : null;
        } catch (InvalidTime $wrong) {
            throw new Refusal($wrong->getMessage(), 422, 'invalid');
        }

        return new JsonResponse($this->times->of($business, $service, is_string($staff) ? $staff : null, $fromDay, $party));
    }
}
