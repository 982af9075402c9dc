<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use App\Support\Refusal;

/** Who somebody is in one business: their role, and which of the staff they are. */
final readonly class Access
{
    public function __construct(public User $user, public Role $role, public ?string $staff)
    {
    }

    /** @throws Refusal with status 403 */
    public function authorize(Act $act): void
    {
        if (! $this->role->may($act)) {
            throw new Refusal($act->refusal(), 403, 'role');
        }
    }

    /** The one lane somebody sees who does not see the whole Board; null: all of them. */
    public function ownLane(): ?string
    {
        return $this->role->may(Act::SeeBoard) ? null : (string) $this->staff;
    }
}
