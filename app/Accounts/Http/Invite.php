<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Access\Role;
use App\Accounts\InviteSomebody;
use App\Http\Asker;
use App\Support\Checks;
use App\Support\MailAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final readonly class Invite
{
    public function __construct(private InviteSomebody $invite)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $linked = Rule::unique('business_users', 'staff_id')->where('business_id', $business->id);
        $given = $request->validate(
            [
                'email' => ['required', 'string', 'max:190', new MailAddress()],
                'role' => ['required', Rule::enum(Role::class)],
                'staff' => ['present', 'nullable', $linked, ...Checks::of($business, 'staff')],
            ],
            [
                'email.required' => 'wrong.access.email_required',
                'role.*' => 'wrong.access.role_required',
                'staff.unique' => 'wrong.access.person_signs_in',
            ],
        );
        $invitation = ($this->invite)(
            business: $business,
            access: $access,
            email: (string) MailAddress::normal($given['email']),
            role: Role::from($given['role']),
            staff: $given['staff'],
        );

        return new JsonResponse(
            [
                'id' => $invitation->id,
                'email' => $invitation->email,
                'role' => $invitation->role,
                'staff' => $invitation->staff_id,
            ],
            201,
        );
    }
}
