<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\OwnReminders;
use App\Http\Asker;
use App\Support\Checks;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\Wall;

/** What somebody wants to be reminded of on a date. */
final readonly class ShowReminders
{
    public function __construct(private OwnReminders $reminders)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $given = Given::in($request->validate(['date' => ['required', Checks::date()]]));
        $day = Wall::day($given->string('date'));

        return new JsonResponse(
            $this->reminders->of(Asker::business($request), Asker::access($request)->user, $day),
        );
    }
}
