<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Access\Access;
use App\Access\Role;
use App\Language\Sentence;
use App\Messages\AccountLetters;
use App\Messages\MailQuota;
use App\Models\Business;
use App\Models\Invitation;
use App\Models\Occasion;
use App\Support\Clock;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;

/**
 * Asks somebody by mail to sign in here, in a role, perhaps as one of the staff. An earlier invitation of theirs ends.
 */
final readonly class InviteSomebody
{
    private const DAYS = 14;

    public function __construct(
        private ConnectionInterface $db,
        private AccountLetters $letters,
        private MailQuota $quota,
        private Clock $clock,
    ) {
    }

    /** @throws Refusal */
    public function __invoke(Business $business, Access $access, string $email, Role $role, ?string $staff): Invitation
    {
        $this->authorize($business, $access, $email, $role);
        if ($business->users()->where('email', $email)->exists()) {
            throw new Refusal(new Sentence('refusal.account.somebody_signs_in'), 409, 'already');
        }
        $this->quota->invite($access->user->id, $email);
        $token = Str::random(40);

        return $this->db->transaction(function () use ($business, $access, $email, $role, $staff, $token): Invitation {
            Invitation::query()->where('business_id', $business->id)->where('email', $email)->delete();
            $invitation = Invitation::query()->create([
                'business_id' => $business->id,
                'email' => $email,
                'role' => $role->value,
                'staff_id' => $staff,
                'token_hash' => hash('sha256', $token),
                'expires_at' => $this->clock->now()->addDays(self::DAYS),
            ]);
            $this->letters->send(
                $email,
                Occasion::Invitation,
                [
                    'by' => $access->user->name,
                    'business' => $business->name,
                    'link' => config()->string('app.url')."/invitation/{$token}",
                ],
                $invitation->id,
            );

            return $invitation;
        });
    }

    /** @throws Refusal */
    private function authorize(Business $business, Access $access, string $email, Role $role): void
    {
        if ($access->user->email_verified_at === null) {
            throw new Refusal(new Sentence('refusal.account.unverified'), 409, 'unverified');
        }
        $waiting = Invitation::query()
            ->where('business_id', $business->id)
            ->where('email', $email)
            ->whereNull('accepted_at')
            ->value('role');
        foreach (array_filter([$role, is_string($waiting) ? Role::tryFrom($waiting) : null]) as $one) {
            // an earlier invitation would end
            if (! $access->role->mayManage($one)) {
                throw new Refusal(new Sentence('refusal.role.owners'), 403, 'role');
            }
        }
    }
}
