<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Models\Business;
use App\Models\Invitation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class WithdrawInvitation
{
    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = $request->attributes->get('business');
        assert($business instanceof Business);
        Invitation::query()->where('business_id', $business->id)->whereNull('accepted_at')->findOrFail($id)->delete();

        return new JsonResponse(['withdrawn' => true]);
    }
}
