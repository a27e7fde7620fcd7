<?php

declare(strict_types=1);

namespace App\Features\Billing\Requests;

use App\Features\Billing\Files\BillingColumns;
use App\Http\Input\BoundedRequest;
use App\Models\BillingDetail;
use App\Models\BillingKind;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** How billing files are made up: rows, and columns with their headings. */
final class BillingMappingRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(BillingKind::class)],
            'name' => ['required', 'string', 'max:100'],
            'detail' => ['required', Rule::enum(BillingDetail::class)],
            'columns' => ['required', 'list', 'max:40'],
            'columns.*.column' => ['required', 'string', 'distinct'],
            'columns.*.heading' => ['required', 'string', 'max:100'],
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && array_diff(array_keys($this->columns()), BillingColumns::of($this->kind(), $this->detail())) !== []) {
                $validator->errors()->add('columns', Wording::of('billing.columns'));
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => Wording::of('billing.mapping_name'), 'columns' => Wording::of('billing.columns'), 'columns.*.heading' => Wording::of('billing.heading')];
    }

    public function kind(): BillingKind
    {
        return BillingKind::from($this->string('kind')->toString());
    }

    public function detail(): BillingDetail
    {
        return BillingDetail::from($this->string('detail')->toString());
    }

    /** @return non-empty-array<string, string> */
    public function columns(): array
    {
        /** @var non-empty-list<array{column: string, heading: string}> $columns */
        $columns = $this->array('columns');

        return array_combine(array_column($columns, 'column'), array_column($columns, 'heading'));
    }
}
