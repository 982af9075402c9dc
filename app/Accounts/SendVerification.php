<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Messages\Outbox;
use App\Models\User;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;

/** Mails a link that proves the address is theirs. */
final readonly class SendVerification
{
    private const HOURS = 24;

    public function __construct(private Outbox $outbox)
    {
    }

    public function __invoke(User $user): void
    {
        URL::useOrigin((string) config('app.url')); // never what a request calls this machine
        $link = URL::temporarySignedRoute('verify', now()->addHours(self::HOURS), ['id' => $user->id, 'mail' => hash('sha256', $user->email)]);
        URL::useOrigin(null);
        $this->outbox->account($user, 'verify', $link, Str::random(20));
    }
}
