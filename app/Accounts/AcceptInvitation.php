<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Language\Sentence;
use App\Models\Business;
use App\Models\CurrentBusiness;
use App\Models\Invitation;
use App\Models\Lock;
use App\Models\User;
use App\Support\Clock;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Whoever holds the mailed link may sign in to the business from now on. */
final readonly class AcceptInvitation
{
    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
        private CurrentBusiness $current,
    ) {
    }

    /** @throws NotFoundHttpException where the link is wrong, used or too old */
    public function find(string $token): Invitation
    {
        $invitation =
            $this->current->across(
                fn (): ?Invitation => Invitation::query()
                    ->where('token_hash', hash('sha256', $token))
                    ->whereNull('accepted_at')
                    ->where('expires_at', '>', $this->clock->now())
                    ->first(),
            ) ?? throw new NotFoundHttpException();
        $this->current->set($invitation->business_id);

        return $invitation;
    }

    /**
     * @param  User|null  $user signed in; null: the account is made
     * @param  array{name: string, password: string}|null  $account
     */
    public function __invoke(string $token, ?User $user, ?array $account): User
    {
        return $this->db->transaction(function () use ($token, $user, $account): User {
            $invitation = $this->find($token);
            Lock::on(Invitation::query()->whereKey($invitation->id)->whereNull('accepted_at'))->firstOrFail();
            $user ??= $this->account($invitation, $account ?? []);
            $business = Business::query()->findOrFail($invitation->business_id);
            if ($business->users()->whereKey($user->id)->exists()) {
                throw new Refusal(
                    new Sentence('refusal.account.signs_in', ['business' => $business->name]),
                    409,
                    'already',
                );
            }
            $taken =
                $invitation->staff_id === null ||
                $this->db
                    ->table('business_users')
                    ->where('business_id', $business->id)
                    ->where('staff_id', $invitation->staff_id)
                    ->exists();
            $business
                ->users()
                ->attach($user->id, ['role' => $invitation->role, 'staff_id' => $taken ? null : $invitation->staff_id]);
            $invitation->update(['accepted_at' => $this->clock->now()]);

            return $user;
        });
    }

    /** @param  array<string, string>  $account */
    private function account(Invitation $invitation, array $account): User
    {
        if (User::query()->where('email', $invitation->email)->exists()) {
            throw new Refusal(
                new Sentence('refusal.account.exists_open_again'),
                409,
                'sign_in',
            );
        }

        return User::query()->create([
            'name' => trim($account['name']),
            'email' => $invitation->email,
            'password' => $account['password'],
            'email_verified_at' => $this->clock->now(),
        ]); // the link proves the address
    }
}
