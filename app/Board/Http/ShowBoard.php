<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BoardReader;
use App\Http\Asker;
use App\Support\CoreSentence;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

final readonly class ShowBoard
{
    public function __construct(private BoardReader $board)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $date = $request->query('date');
        try {
            return new JsonResponse(
                $this->board->of($business, is_string($date) ? Wall::day($date) : null, $access->ownLane()),
            );
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }
    }
}
