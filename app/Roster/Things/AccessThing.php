<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Access\Role;
use App\Changes\Thing;
use App\Models\Business;
use App\Models\User;
use App\Roster\Checks;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\Rule;
use YardBell\Core\Availability\RuleBook;

/** That somebody may sign in here, in which role, and who of the staff they are. Its id is the account's. */
final readonly class AccessThing implements Thing
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    public function rules(Business $business, ?string $id): array
    {
        $linked = Rule::unique('business_users', 'staff_id')->where('business_id', $business->id)->whereNot('user_id', (int) $id);

        return ['role' => ['required', Rule::enum(Role::class)], 'staff' => ['present', 'nullable', $linked, ...Checks::of($business, 'staff')]];
    }

    public function sentences(): array
    {
        return ['role.*' => 'Choose a role.', 'staff.unique' => 'Somebody else signs in as this person already.'];
    }

    public function shaped(array $given): array
    {
        return ['role' => $given['role'], 'staff' => $given['staff']];
    }

    public function read(Business $business, string $id): ?array
    {
        if (preg_match('/^[1-9]\d{0,17}\z/', $id) !== 1) {
            return null; // "4abc" is nobody
        }
        $row = $this->db->table('business_users')->where('business_id', $business->id)->where('user_id', (int) $id)->first();

        return $row === null ? null : ['role' => $row->role, 'staff' => $row->staff_id];
    }

    public function write(Business $business, string $id, ?array $content): void
    {
        $row = ['business_id' => $business->id, 'user_id' => (int) $id];
        if ($content === null) {
            $this->db->table('business_users')->where($row)->delete();
        } else {
            $this->db->table('business_users')->updateOrInsert($row, ['role' => $content['role'], 'staff_id' => $content['staff']]);
        }
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        $others = $this->db->table('business_users')->where('business_id', $business->id)->where('role', 'owner')->where('user_id', '<>', (int) $id)->exists();

        return $others || ($content['role'] ?? '') === 'owner' ? null : 'This is the last owner. Make somebody else an owner first: a business without one could never be changed again.';
    }

    public function name(array $content): string
    {
        return "Sign-in as {$content['role']}";
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        return $book;
    }

    /** @return list<array<string, mixed>> who signs in here */
    public static function all(Business $business): array
    {
        return $business->users()->orderBy('users.id')->get()->map(static fn (User $user): array => [
            'id' => (string) $user->id, 'name' => $user->name, 'email' => $user->email, 'role' => $user->pivot->role, 'staff' => $user->pivot->staff_id,
        ])->values()->all();
    }
}
