<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Session\DatabaseSessionHandler;
use stdClass;

/**
 * Who is signed in, in the database, written only where something has changed or was last written more than a minute
 * ago: a write waits for the disk, and most requests only look.
 */
final class SparingSessions extends DatabaseSessionHandler
{
    private const SECONDS = 60;

    private ?string $read = null;

    private int $written = 0;

    public function read($sessionId): string
    {
        $session = $this->getQuery()->find($sessionId);
        $this->exists = $session instanceof stdClass;
        if (! $session instanceof stdClass || $this->expired($session)) {
            return '';
        }
        $this->read = base64_decode($session->payload);
        $this->written = $session->last_activity;

        return $this->read;
    }

    public function write($sessionId, $data): bool
    {
        $isFresh = $this->written > $this->currentTime() - self::SECONDS;

        return ($this->exists && $isFresh && $data === $this->read) || parent::write($sessionId, $data);
    }
}
