<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\Pulse;
use App\Http\Asker;
use App\Support\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\Wall;

/** Small enough to be asked every few seconds: has anything happened, and what time is it. */
final readonly class ShowVersion
{
    public function __construct(private Pulse $pulse, private Clock $clock)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);

        return new JsonResponse([
            'version' => $this->pulse->of($business),
            'now' => Wall::writeInstant($this->clock->minute()),
        ]);
    }
}
