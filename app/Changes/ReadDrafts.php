<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Business;
use App\Models\Id;
use App\Support\Given;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/**
 * Reads the drafts of a request: each content by the rules of its kind. What is wrong is said by draft and field,
 * "drafts.0.name".
 */
final readonly class ReadDrafts
{
    /** At once: a special day for everybody in a large house. */
    public const MOST = 400;

    public function __construct(private Factory $validation, private Things $things, private CheckContent $check)
    {
    }

    /**
     * @return list<Draft<Content>>
     *
     * @throws ValidationException
     */
    public function __invoke(Request $request, Business $business): array
    {
        $given = $this->validation
            ->make(
                $request->all(),
                [
                    'drafts' => 'required|array|list|min:1|max:'.self::MOST,
                    'drafts.*' => 'required|array:kind,id,content,version',
                    'drafts.*.kind' => ['required', Rule::in($this->things->kinds())],
                    'drafts.*.id' => 'nullable|string|max:40|regex:/^[A-Za-z0-9-]+\z/',
                    'drafts.*.content' => 'nullable|array',
                    'drafts.*.version' => 'nullable|required_with:drafts.*.id|string|max:16',
                ],
                [
                    'drafts.max' => 'wrong.plain.drafts?max=:max',
                    'drafts.*.kind.in' => 'wrong.plain.kind',
                ],
            )
            ->validate();
        [$drafts, $wrong] = [[], []];
        foreach (Given::in($given)->each('drafts') as $i => $draft) {
            try {
                $drafts[] = $this->draft($business, $draft);
            } catch (ValidationException $invalid) {
                foreach ($invalid->errors() as $field => $sentences) {
                    $wrong["drafts.{$i}.{$field}"] = $sentences;
                }
            }
        }

        return $wrong === [] ? $drafts : throw ValidationException::withMessages($wrong);
    }

    /** @return Draft<Content> */
    private function draft(Business $business, Given $given): Draft
    {
        $thing = $this->things->of($given->string('kind'));
        $id = $given->stringIf('id') === null ? null : Id::of($given->string('id'));
        $content = $given->underIf('content');

        return new Draft(
            kind: $given->string('kind'),
            id: $id ?? Id::make(),
            content: $content === null ? null : ($this->check)($thing, $business, $id, $content->all()),
            version: $given->stringIf('version'),
            thing: $thing,
            isNew: $id === null,
        );
    }
}
