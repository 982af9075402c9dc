<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\Published;
use App\Gate\ReadChoice;
use App\Support\CoreSentence;
use App\Support\Refusal;
use App\Times\OpenTimes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

final readonly class AskOpenTimes
{
    public function __construct(private Published $published, private OpenTimes $times, private ReadChoice $read)
    {
    }

    public function __invoke(Request $request, string $slug): JsonResponse
    {
        [$service, $from] = [$request->query('service'), $request->query('from')];
        $service = is_string($service) ? $service : '';
        $business = $this->published->offering($slug, $service);
        $choice = ($this->read)($request, $business, $service);
        try {
            $fromDay = is_string($from) ? Wall::day($from) : null;
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }

        $visit = $this->read->visit($request, $business, $choice);

        return JsonResponse::fromJsonString($this->times->answer($business, $choice, $visit, $fromDay));
    }
}
