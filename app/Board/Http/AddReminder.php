<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\OwnReminders;
use App\Http\Asker;
use App\Models\Reminder;
use App\Support\Checks;
use App\Support\Given;
use App\Support\Instants;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\Wall;

/** Reminds whoever asks of something, at an hour as clocks show it there. */
final readonly class AddReminder
{
    public function __construct(private OwnReminders $reminders)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $user = Asker::access($request)->user;
        $given = Given::in($request->validate(
            ['at' => ['required', Checks::wall()], 'text' => 'required|string|max:200'],
            [
                'at.required' => 'wrong.desk.hour',
                'text.required' => 'wrong.note.empty',
                'text.max' => 'wrong.plain.too_long?max=:max',
            ],
        ));
        $at = $business->zone()->first(Wall::dateTime($given->string('at')));
        Reminder::query()->create([
            'business_id' => $business->id,
            'user_id' => $user->id,
            'at' => Instants::carbon($at),
            'text' => $given->text('text'),
        ]);

        return new JsonResponse($this->reminders->of($business, $user, $business->zone()->day($at)), 201);
    }
}
