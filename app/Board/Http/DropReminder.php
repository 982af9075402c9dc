<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\OwnReminders;
use App\Http\Asker;
use App\Support\Instants;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Nobody is to be reminded of it any more. */
final readonly class DropReminder
{
    public function __construct(private OwnReminders $reminders)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $user = Asker::access($request)->user;
        $reminder = OwnReminders::own($business, $user)->findOrFail($id);
        $day = $business->zone()->day(Instants::minute($reminder->at));
        $reminder->delete();

        return new JsonResponse($this->reminders->of($business, $user, $day));
    }
}
