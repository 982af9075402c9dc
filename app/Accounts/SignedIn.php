<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Access\Act;
use App\Access\Role;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\ConnectionInterface;
use stdClass;

/** Who is signed in, and where they work. One query, without a model: every page of the workspace begins with it. */
final readonly class SignedIn
{
    public function __construct(
        private ConnectionInterface $db,
        private Factory $auth,
        private Session $session,
        private Repository $config,
    ) {
    }

    /** @return array<string, mixed> */
    public function shown(): array
    {
        $rows = $this->rows($this->id());
        $user = $rows[0] ?? null;
        $demonstration = $this->config->get('yardbell.demonstration') === true;

        return [
            'user' => $user === null
                ? null
                : ['name' => $user->name, 'email' => $user->email, 'verified' => $user->email_verified_at !== null],
            'businesses' => array_map(
                self::business(...),
                array_values(array_filter($rows, static fn (stdClass $row): bool => $row->slug !== null)),
            ),
            'standIns' => $demonstration ? $this->config->get('yardbell.stand_ins') : null,
        ];
    }

    /** As the session has it; the guard looks for whoever is remembered beyond one. */
    private function id(): mixed
    {
        $guard = $this->auth->guard();
        $known = $guard instanceof SessionGuard && ! $guard->hasUser() ? $this->session->get($guard->getName()) : null;

        return $known ?? $guard->id();
    }

    /** @return list<stdClass> one for each business, with one alone where there is none; empty: nobody */
    private function rows(mixed $id): array
    {
        return $id === null
            ? []
            : $this->db->select(
                'select u.name, u.email, u.email_verified_at, w.role,
                    b.slug, b.name as business, b.locale, b.published_at
                from users u
                left join business_users w on w.user_id = u.id
                left join businesses b on b.id = w.business_id
                where u.id = ?
                order by b.name',
                [$id],
            );
    }

    /** @return array<string, mixed> */
    private static function business(stdClass $row): array
    {
        $role = Role::from($row->role);

        return [
            'slug' => $row->slug,
            'name' => $row->business,
            'locale' => $row->locale,
            'published' => $row->published_at !== null,
            'role' => $row->role,
            'may' => array_values(
                array_map(static fn (Act $act): string => $act->value, array_filter(Act::cases(), $role->may(...))),
            ),
        ];
    }
}
