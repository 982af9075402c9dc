<?php

declare(strict_types=1);

namespace App\Messages;

use App\Language\Catalogue;
use App\Models\Audience;
use App\Models\ChannelName;
use App\Models\Occasion;
use App\Models\User;
use App\Outbox\NewEntry;
use App\Outbox\Outbox;
use App\Outbox\Recipient;

/** Mail about an account, of no business: a link and what it is for. */
final readonly class AccountLetters
{
    public function __construct(private Outbox $outbox, private Catalogue $catalogue)
    {
    }

    public function to(User $user, Occasion $occasion, string $link, string $key): void
    {
        $this->send($user->email, $occasion, ['name' => $user->name, 'link' => $link], $key);
    }

    /** @param  array<string, string>  $content what its wording fills in */
    public function send(string $recipient, Occasion $occasion, array $content, string $key): void
    {
        $this->outbox->add(
            new NewEntry(
                key: "{$occasion->value}-{$key}",
                channel: ChannelName::Mail,
                occasion: $occasion,
                recipient: new Recipient(Audience::Account, $recipient),
                content: [...$content, 'locale' => $this->catalogue->locale()],
            ),
        );
    }
}
