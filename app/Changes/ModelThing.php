<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Business;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\RuleBook;

/**
 * A thing that is a row of its own, perhaps with more beside it.
 *
 * @template C of Content
 * @template M of Model
 *
 * @implements Thing<C>
 */
abstract readonly class ModelThing implements Thing
{
    /** @return class-string<M> */
    abstract protected function model(): string;

    /**
     * @param  M  $row
     * @return C
     */
    abstract public function content(Model $row): Content;

    /**
     * @param  C  $content
     * @return array<string, mixed>
     */
    abstract protected function columns(Content $content): array;

    public function read(Business $business, string $id): ?Content
    {
        $row = $this->row($business, $id);

        return $row === null ? null : $this->content($row);
    }

    public function write(Business $business, string $id, ?Content $content): void
    {
        $row = $this->row($business, $id);
        if ($content === null) {
            $row?->delete();

            return;
        }
        if ($row !== null) {
            $row->update($this->columns($content));

            return;
        }
        $this->model()::query()
            ->create([
                'business_id' => $business->id,
                'id' => $id,
                ...$this->last($business),
                ...$this->columns($content),
            ]);
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        return null;
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        return $book;
    }

    /** @return array<string, int> where a new one stands: after all others, if they have an order */
    protected function last(Business $business): array
    {
        $last = $this->model()::query()->where('business_id', $business->id)->max('position');

        return ['position' => (is_numeric($last) ? (int) $last : 0) + 1];
    }

    /** @return M|null */
    private function row(Business $business, string $id): ?Model
    {
        return $this->model()::query()->where('business_id', $business->id)->find($id);
    }
}
