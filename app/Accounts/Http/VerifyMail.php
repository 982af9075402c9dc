<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Models\User;
use App\Support\Clock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class VerifyMail
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(Request $request, int $id): RedirectResponse
    {
        $user = User::query()->findOrFail($id);
        if (
            ! $request->hasValidSignature() ||
            ! hash_equals(hash('sha256', $user->email), $request->string('mail')->value())
        ) {
            throw new NotFoundHttpException();
        }
        if ($user->email_verified_at === null) {
            $user->forceFill(['email_verified_at' => $this->clock->now()])->save();
        }

        return redirect('/start?verified');
    }
}
