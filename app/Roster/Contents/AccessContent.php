<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Access\Role;
use App\Changes\Content;
use App\Language\Sentence;
use App\Models\Business;
use App\Support\Checks;
use App\Support\Given;
use Illuminate\Validation\Rule;

final readonly class AccessContent extends Content
{
    public function __construct(public string $role, public ?string $staff)
    {
    }

    public static function from(Given $given): static
    {
        return new self($given->string('role'), $given->stringIf('staff'));
    }

    public static function rules(Business $business, ?string $id): array
    {
        $linked = Rule::unique('business_users', 'staff_id')
            ->where('business_id', $business->id)
            ->whereNot('user_id', (int) $id);

        return [
            'role' => ['required', Rule::enum(Role::class)],
            'staff' => ['present', 'nullable', $linked, ...Checks::of($business, 'staff')],
        ];
    }

    public static function sentences(): array
    {
        return ['role.*' => 'wrong.access.role_required', 'staff.unique' => 'wrong.access.person_signs_in'];
    }

    public function name(): string
    {
        return (new Sentence('thing.access', ['role' => $this->role]))->text();
    }
}
