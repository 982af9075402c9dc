<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Http\Asker;
use App\Roster\MeetingProvider;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Asks the meeting provider for a room; its link is put into a location that is online. */
final readonly class OpenMeetingRoom
{
    public function __construct(private MeetingProvider $meetings)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $name = $request->validate(['name' => 'required|string|max:120'])['name'];

        return new JsonResponse([
            'link' => $this->meetings->room(hash('sha256', "{$business->id} {$name}"), "{$business->name}, {$name}"),
        ]);
    }
}
