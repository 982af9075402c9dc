<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Content;
use App\Changes\Thing;
use App\Models\Business;
use App\Models\User;
use App\Roster\Contents\AccessContent;
use App\Support\Given;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\RuleBook;

/**
 * That somebody may sign in here, in which role, and who of the staff they are. Its id is the account's.
 *
 * @implements Thing<AccessContent>
 */
final readonly class AccessThing implements Thing
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    public function contents(): string
    {
        return AccessContent::class;
    }

    public function read(Business $business, string $id): ?AccessContent
    {
        if (preg_match('/^[1-9]\d{0,17}\z/', $id) !== 1) {
            return null; // "4abc" is nobody
        }
        $row = $this->db
            ->table('business_users')
            ->where('business_id', $business->id)
            ->where('user_id', (int) $id)
            ->first(['role', 'staff_id as staff']);

        return $row === null ? null : AccessContent::from(Given::in((array) $row));
    }

    public function write(Business $business, string $id, ?Content $content): void
    {
        $row = ['business_id' => $business->id, 'user_id' => (int) $id];
        if ($content === null) {
            $this->db->table('business_users')->where($row)->delete();
        } else {
            $this->db
                ->table('business_users')
                ->updateOrInsert($row, ['role' => $content->role, 'staff_id' => $content->staff]);
        }
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        $others = $this->db
            ->table('business_users')
            ->where('business_id', $business->id)
            ->where('role', 'owner')
            ->where('user_id', '<>', (int) $id)
            ->exists();

        return $others || ($content->role ?? '') === 'owner'
            ? null
            : 'wrong.access.last_owner';
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        return $book;
    }

    /**
     * @return list<array{id: string, name: string, email: string, role: string, staff: string|null}> who signs in here
     */
    public static function all(Business $business): array
    {
        return array_values(
            $business
                ->users()
                ->orderBy('users.id')
                ->get()
                ->map(
                    static fn (User $user): array => [
                        'id' => (string) $user->id,
                        'name' => $user->name,
                        'email' => $user->email,
                        'role' => $user->pivot->role,
                        'staff' => $user->pivot->staff_id,
                    ],
                )
                ->all(),
        );
    }
}
