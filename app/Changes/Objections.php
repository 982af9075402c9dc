<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Business;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What stands against a draft, whoever sends it: asked alike before it is previewed and before it is saved. */
final readonly class Objections
{
    public function __construct(private ConnectionInterface $db, private CheckContent $check)
    {
    }

    /**
     * @template C of Content
     *
     * @param  Draft<C>  $draft
     * @return C|null what the thing is now; null: it is new, or somebody has removed it
     *
     * @throws NotFoundHttpException where it was never here
     */
    public function known(Business $business, Draft $draft): ?Content
    {
        $now = $draft->thing->read($business, $draft->id);

        return $now !== null || $draft->isNew || $this->wasHere($business, $draft)
            ? $now
            : throw new NotFoundHttpException();
    }

    /**
     * @param  Draft<Content>  $draft
     * @param  int  $i its place among the drafts
     *
     * @throws Refusal|ValidationException|NotFoundHttpException
     */
    public function against(Business $business, Draft $draft, int $i): void
    {
        $this->known($business, $draft);
        if ($draft->content !== null) {
            // what it names may have gone since it was read, or since it was like this
            ($this->check)($draft->thing, $business, $draft->isNew ? null : $draft->id, $draft->content->toArray());
        }
        $objection = $draft->thing->objection($business, $draft->id, $draft->content);
        if ($objection !== null) {
            throw $draft->content === null
                ? new Refusal($objection, 409, 'in_use')
                : ValidationException::withMessages(["drafts.{$i}.name" => $objection]);
        }
    }

    /**
     * Whether somebody has removed it since; what was never here is not found.
     *
     * @param  Draft<covariant Content>  $draft
     */
    private function wasHere(Business $business, Draft $draft): bool
    {
        return $this->db
            ->table('setup_change_things')
            ->where('business_id', $business->id)
            ->where('kind', $draft->kind)
            ->where('thing', $draft->id)
            ->exists();
    }
}
