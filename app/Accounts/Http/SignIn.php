<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Accounts\KnownDevice;
use App\Accounts\SignedIn;
use App\Accounts\SignInTries;
use App\Limits\Network;
use App\Models\User;
use App\Support\MailAddress;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

/**
 * Signs somebody in. An address that nobody has costs the same time and the same answer as a wrong password.
 */
final readonly class SignIn
{
    public function __construct(
        private SignedIn $signedIn,
        private SignInTries $tries,
        private KnownDevice $device,
        private Hasher $hasher,
    ) {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $given = $request->validate(
            [
                'email' => 'required|string|max:190',
                'password' => 'required|string|max:200',
                'stay' => 'nullable|boolean',
            ],
            [
                'email.required' => 'wrong.account.email_required',
                'password.required' => 'wrong.account.password_required',
            ],
        );
        $address = MailAddress::normal($given['email']) ?? '';
        $network = Network::hash((string) $request->ip(), config()->string('app.key'));
        $device = $this->device->of($request, $address);
        $this->tries->check($address, $network, $device);
        $user = User::query()->where('email', $address)->first();
        if (! $this->isTheirs($user, $given['password'])) {
            $this->tries->failed($address, $network, $device);
            throw ValidationException::withMessages([
                'password' => 'wrong.account.not_matching',
            ]);
        }
        $this->tries->succeeded($address, $network, $device);
        if ($this->hasher->needsRehash($user->password)) {
            $user->update(['password' => $given['password']]);
        }
        Auth::login($user, (bool) ($given['stay'] ?? false));
        $this->device->remember($request, $user);
        $request->session()->regenerate();

        return new JsonResponse($this->signedIn->shown());
    }

    /** @phpstan-assert-if-true User $user */
    private function isTheirs(?User $user, string $password): bool
    {
        if ($user !== null) {
            return $this->hasher->check($password, $user->password);
        }
        $this->hasher->make($password); // an address that nobody has takes as long

        return false;
    }
}
