<?php

declare(strict_types=1);

namespace App\Features\Preferences\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\Arrangement;

final class ArrangementRequest extends BoundedRequest
{
    private const MOST = 500;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = [];
        foreach (['projects', 'lines', 'collapsed'] as $list) {
            $rules[$list] = ['present', 'list', 'max:'.self::MOST];
            $rules[$list.'.*'] = ['required', 'string', 'max:50', 'distinct'];
        }

        return $rules;
    }

    public function arrangement(): Arrangement
    {
        return new Arrangement($this->texts('projects'), $this->texts('lines'), $this->texts('collapsed'));
    }

    /** @return list<string> */
    private function texts(string $list): array
    {
        return array_values(array_filter($this->array($list), is_string(...)));
    }
}
