<?php

declare(strict_types=1);

namespace App\StandIns\Http;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/** Rooms to meet in online: the same key gives the same room. A name with "outage" in it shows how it fails. */
final class MeetingApi
{
    public function open(Request $request): JsonResponse
    {
        /** @var array{key: string, name: string} $asked */
        $asked = $request->validate(['key' => 'required|string|max:120', 'name' => 'required|string|max:300']);
        if (str_contains(mb_strtolower($asked['name']), 'outage')) {
            throw new ServiceUnavailableHttpException();
        }

        return new JsonResponse(
            [
                'link' => config()->string('yardbell.stand_ins')
                    .'/stand-ins/meetings/'
                    .substr(hash('sha256', $asked['key']), 0, 12),
            ],
            201,
        );
    }

    public function show(string $id): View
    {
        return view('stand-ins.meeting', ['id' => $id]);
    }
}
