<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Language\Sentence;
use App\Messages\AccountLetters;
use App\Messages\MailQuota;
use App\Models\Occasion;
use App\Models\User;
use App\Support\Clock;
use App\Support\Refusal;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use stdClass;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * An account comes to be by opening a mailed link. Asking for one is answered alike whether the address is known or
 * not: whoever has an account already is told so by mail, and nobody else is.
 */
final readonly class SignUps
{
    private const HOURS = 24;

    public function __construct(
        private ConnectionInterface $db,
        private Hasher $hasher,
        private AccountLetters $letters,
        private MailQuota $quota,
        private Clock $clock,
    ) {
    }

    /**
     * @param  string  $email in its one form
     * @param  string  $network Network::hash() of whoever asks
     */
    public function ask(string $name, string $email, string $password, string $network): void
    {
        $hashed = $this->hasher->make($password); // also where it is not needed: both take as long
        if (! $this->quota->takes($email, $network)) {
            return;
        }
        $this->db->transaction(function () use ($name, $email, $hashed): void {
            $token = Str::random(40);
            if (User::query()->where('email', $email)->exists()) {
                $this->letters->send(
                    $email,
                    Occasion::Known,
                    ['name' => '', 'link' => config()->string('app.url').'/sign-in'],
                    $token,
                );

                return;
            }
            $this->db
                ->table('sign_ups')
                ->insert([
                    'name' => $name,
                    'email' => $email,
                    'password' => $hashed,
                    'token_hash' => hash('sha256', $token),
                    'expires_at' => $this->clock->now()->addHours(self::HOURS),
                ]);
            $this->letters->send(
                $email,
                Occasion::SignUp,
                ['name' => '', 'link' => config()->string('app.url')."/sign-up/{$token}"],
                hash('sha256', $token),
            );
        });
    }

    /**
     * The link was opened: the address is theirs.
     *
     * @throws NotFoundHttpException where the link is wrong, used or too old
     */
    public function finish(string $token): User
    {
        return $this->db->transaction(function () use ($token): User {
            $asked = $this->db
                ->table('sign_ups')
                ->where('token_hash', hash('sha256', $token))
                ->where('expires_at', '>', $this->clock->now())
                ->lockForUpdate()
                ->first();
            if (! ($asked instanceof stdClass)) {
                throw new NotFoundHttpException();
            }
            $this->db->table('sign_ups')->where('email', $asked->email)->delete();
            if (User::query()->where('email', $asked->email)->exists()) {
                throw new Refusal(new Sentence('refusal.account.exists'), 409, 'sign_in');
            }

            return User::query()->create([
                'name' => $asked->name,
                'email' => $asked->email,
                'password' => $asked->password,
                'email_verified_at' => $this->clock->now(),
            ]);
        });
    }
}
