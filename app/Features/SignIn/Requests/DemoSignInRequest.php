<?php

declare(strict_types=1);

namespace App\Features\SignIn\Requests;

use App\Http\Input\BoundedRequest;

/** Which of the demonstration's people to sign in as. */
final class DemoSignInRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['person' => ['required', 'string', 'max:32']];
    }

    public function person(): string
    {
        return $this->string('person')->toString();
    }
}
