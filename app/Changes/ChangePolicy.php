<?php

declare(strict_types=1);

namespace App\Changes;

use App\Access\Access;
use App\Access\Act;
use App\Access\Role;
use App\Language\Sentence;
use App\Models\Member;
use App\Support\Given;
use App\Support\Refusal;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Who may change which thing. */
final readonly class ChangePolicy
{
    private const OWN_HOURS = ['hours', 'breaks'];

    /**
     * @param  Draft<Content>  $draft
     *
     * @throws Refusal with status 403
     */
    public function authorize(Access $access, Draft $draft, ?Content $before): void
    {
        if ($access->role->may(Act::ChangeSetup)) {
            $this->keepOwners($access, $draft, $before);

            return;
        }
        if (! $this->isOwnTime($access, $draft, $before)) {
            throw new Refusal(Act::ChangeSetup->refusal(), 403, 'role');
        }
        $access->authorize(Act::ChangeOwnHours);
        if (Member::query()->findOrFail($access->staff)->changes_own_hours !== true) {
            throw new Refusal(Act::ChangeOwnHours->refusal(), 403, 'role');
        }
    }

    /**
     * Whether somebody may see a thing at all: sign-ins only who manages them, offer codes only who sells, other
     * people's own days only who sees all.
     */
    public function sees(Access $access, string $kind, string $id, Content $content): bool
    {
        return match (true) {
            $kind === 'access' => $access->role->may(Act::ManageSignIns),
            $kind === 'offerCode' => $access->role->may(Act::SeeSales),
            $access->role->may(Act::SeeBoard) => true,
            $kind === 'person' => $id === $access->staff,
            in_array($kind, ['timeOff', 'specialDay'], true) => in_array(
                self::of($content)->stringIf('staff'),
                [null, $access->staff],
                true,
            ),
            default => true,
        };
    }

    /**
     * Whether this is no more than one's own hours, breaks, time off and special days.
     *
     * @param  Draft<Content>  $draft
     */
    private function isOwnTime(Access $access, Draft $draft, ?Content $before): bool
    {
        if ($access->staff === null) {
            return false;
        }
        $changed = array_column(Version::differences($before?->toArray(), $draft->content?->toArray()), 'field');
        $whose = array_values(
            array_unique(
                array_filter([self::of($before)->stringIf('staff'), self::of($draft->content)->stringIf('staff')]),
            ),
        );

        return match ($draft->kind) {
            'person' => $draft->id === $access->staff &&
                $draft->content !== null &&
                array_diff($changed, self::OWN_HOURS) === [],
            'timeOff', 'specialDay' => $whose === [$access->staff],
            default => false,
        };
    }

    /** @param  Draft<Content>  $draft */
    private function keepOwners(Access $access, Draft $draft, ?Content $before): void
    {
        if ($draft->kind !== 'access') {
            return;
        }
        $before ?? throw new NotFoundHttpException(); // who may sign in comes by invitation
        foreach (
            array_filter([self::of($before)->string('role'), self::of($draft->content)->string('role')]) as $role
        ) {
            if (! $access->role->mayManage(Role::from($role))) {
                throw new Refusal(new Sentence('refusal.role.owners'), 403, 'role');
            }
        }
    }

    private static function of(?Content $content): Given
    {
        return Given::in($content?->toArray());
    }
}
