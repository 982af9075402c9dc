<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Messages\AccountLetters;
use App\Models\Occasion;
use App\Models\User;
use App\Support\Clock;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;

/** Mails a link that proves the address is theirs. */
final readonly class SendVerification
{
    private const HOURS = 24;

    public function __construct(private AccountLetters $letters, private Clock $clock)
    {
    }

    public function __invoke(User $user): void
    {
        URL::useOrigin(config()->string('app.url')); // never what a request calls this machine
        $link = URL::temporarySignedRoute('verify', $this->clock->machine()->addHours(self::HOURS), [
            'id' => $user->id,
            'mail' => hash('sha256', $user->email),
        ]);
        URL::useOrigin(null);
        $this->letters->to($user, Occasion::Verify, $link, Str::random(20));
    }
}
