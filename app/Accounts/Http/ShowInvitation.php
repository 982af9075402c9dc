<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Access\Role;
use App\Accounts\AcceptInvitation;
use App\Language\Catalogue;
use App\Models\Business;
use App\Models\User;
use Illuminate\Http\JsonResponse;

/** What a mailed invitation leads to, before anybody has signed in. */
final readonly class ShowInvitation
{
    public function __construct(private AcceptInvitation $accept, private Catalogue $catalogue)
    {
    }

    public function __invoke(string $token): JsonResponse
    {
        $invitation = $this->accept->find($token);

        return new JsonResponse([
            'business' => Business::query()->findOrFail($invitation->business_id)->name, 'email' => $invitation->email,
            'role' => $invitation->role,
            'words' => $this->catalogue->sentence(Role::from($invitation->role)->does()),
            'hasAccount' => User::query()->where('email', $invitation->email)->exists(),
        ]);
    }
}
