<?php

declare(strict_types=1);

namespace App\Features\Compare\Requests;

use App\Features\Compare\Queries\ComparisonAddress;
use App\Http\Input\BoundedRequest;
use App\Models\Person;
use Moss\Core\Calendar\Day;

final class SaveComparisonRequest extends BoundedRequest
{
    private const LONGEST_NAME = 80;

    private const LONGEST_ADDRESS = 8000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:'.self::LONGEST_NAME],
            'address' => ['nullable', 'string', 'max:'.self::LONGEST_ADDRESS],
            'version' => ['nullable', 'integer', 'min:1'],
        ];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }

    /** What is compared, as it was understood; null where the request leaves it as it is. */
    public function address(Person $reader, Day $today): ?string
    {
        return $this->has('address') ? ComparisonAddress::written(ComparisonAddress::saved($this->string('address')->toString())->question($reader, $today)) : null;
    }

    public function version(): ?int
    {
        return $this->has('version') ? $this->integer('version') : null;
    }
}
