<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Access\Role;
use App\Http\Asker;
use App\Language\Sentence;
use App\Models\Invitation;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class WithdrawInvitation
{
    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $invitation = Invitation::query()
            ->where('business_id', $business->id)
            ->whereNull('accepted_at')
            ->findOrFail($id);
        if (! $access->role->mayManage(Role::from($invitation->role))) {
            throw new Refusal(new Sentence('refusal.role.owners'), 403, 'role');
        }
        $invitation->delete();

        return new JsonResponse(['withdrawn' => true]);
    }
}
