<?php

declare(strict_types=1);

namespace App\Roster;

use App\Language\Sentence;
use App\Support\Circuit;
use App\Support\Refusal;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\Response;

/** Talks to the meeting stand-in over HTTP. */
final readonly class HttpMeetings implements MeetingProvider
{
    private const TIMEOUT_SECONDS = 4;

    public function __construct(private Factory $http, private Circuit $circuit, private string $address)
    {
    }

    public function room(string $key, string $name): string
    {
        $answer = $this->circuit->through(
            'meetings',
            function () use ($key, $name): Response {
                try {
                    return $this->http
                        ->connectTimeout(1)
                        ->timeout(self::TIMEOUT_SECONDS)
                        ->acceptJson()
                        ->post("{$this->address}/stand-ins/meetings", ['key' => $key, 'name' => $name]);
                } catch (ConnectionException) {
                    throw self::silent();
                }
            },
            self::silent(...),
        );
        $link = $answer->successful() ? $answer->json('link') : null;

        return is_string($link) ? $link : throw self::silent();
    }

    private static function silent(): Refusal
    {
        return new Refusal(
            new Sentence('refusal.setup.meetings_silent'),
            409,
            'provider_silent',
        );
    }
}
