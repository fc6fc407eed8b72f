<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('keepers', function (Blueprint $table): void {
            // Minutes by day of the week, the hour of work, days that shopping takes.
            $table->json('week')->nullable();
            // Of the secret address of the calendar feed only its hash is kept.
            $table->string('feed_hash', 64)->nullable()->unique();
        });
        // Addresses are kept small; where two differ by that alone, both stay as they are.
        $small = DB::table('keepers')->pluck('email', 'id')->map(static fn(mixed $email): string => mb_strtolower(is_string($email) ? $email : ''));
        foreach ($small
            ->filter(static fn(string $email): bool => $small->filter(static fn(string $other): bool => $other === $email)->count() === 1) as $id => $email) {
            DB::table('keepers')->where('id', $id)->update(['email' => $email]);
        }
        Schema::table('run_steps', function (Blueprint $table): void {
            $table->string('found', 10)->nullable();
            $table->double('since')->nullable();
        });
        // Jobs that a keeper set up.
        Schema::create('chores', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tank_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('name', 80)->nullable();
            $table->unsignedSmallInteger('every')->nullable();
            $table->unsignedSmallInteger('minutes')->nullable();
            $table->date('next_on')->nullable();
            $table->timestamp('last_at')->nullable();
            $table->index(['keeper_id', 'tank_id']);
        });
        Schema::create('chore_turns', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('chore_id')->constrained()->cascadeOnDelete();
            $table->timestamp('done_at');
            $table->double('since')->nullable();
            $table->string('found', 10)->nullable();
            $table->index(['chore_id', 'done_at']);
        });
        // Days that a keeper laid jobs on by hand.
        Schema::create('laid_jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->string('job', 60);
            $table->date('day');
            $table->unique(['keeper_id', 'job', 'day']);
        });
        // Hours that are taken by something else.
        Schema::create('busy_spells', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            $table->unsignedSmallInteger('minutes');
            $table->string('title', 120)->nullable();
            $table->index(['keeper_id', 'day']);
        });
        Schema::create('away_spells', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->date('from_day');
            $table->date('until_day');
            $table->string('note', 120)->nullable();
            $table->index(['keeper_id', 'until_day']);
        });
        // What runs out.
        Schema::create('supplies', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('unit', 20);
            $table->double('left');
            $table->double('weekly');
            $table->unsignedSmallInteger('lead_days');
            $table->date('counted_on');
            $table->date('expires_on')->nullable();
            $table->foreignId('jar_id')->nullable()->constrained()->nullOnDelete();
        });
        // A link that works without an account until a day.
        Schema::create('helpers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('hash', 64)->unique();
            $table->date('from_day');
            $table->date('until_day');
            $table->string('note', 500)->nullable();
            $table->json('reads');
            $table->timestamp('revoked_at')->nullable();
            $table->timestamp('made_at');
            $table->index(['keeper_id', 'until_day']);
        });
        Schema::create('helper_jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('helper_id')->constrained()->cascadeOnDelete();
            $table->string('text', 200);
            $table->string('caution', 200)->nullable();
            $table->unsignedSmallInteger('every');
            $table->date('first_on');
        });
        Schema::create('helper_ticks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('helper_job_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            $table->timestamp('ticked_at');
            $table->unique(['helper_job_id', 'day']);
        });
        // Animals of a tank, and what came and went.
        Schema::create('animals', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 30);
            $table->string('name', 80)->nullable();
            $table->double('length')->nullable();
        });
        Schema::create('animal_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('animal_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 10);
            $table->integer('count');
            $table->date('day');
            $table->string('note', 160)->nullable();
            $table->index(['animal_id', 'day']);
        });
        // A tank that is being started.
        Schema::create('start_ups', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('way', 10);
            $table->date('begun_on');
            $table->string('source', 10);
            $table->json('doses');
            $table->boolean('plenty')->default(true);
        });
        // Animals that are on their way, or in quarantine.
        Schema::create('arrivals', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->string('what', 80);
            $table->string('group', 10);
            $table->json('bag');
            $table->string('way', 10);
            $table->timestamp('arrived_at');
            $table->date('quarantine_until')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->index(['tank_id', 'ended_at']);
        });
    }

    public function down(): void
    {
        foreach ([
            'arrivals', 'start_ups', 'animal_events', 'animals', 'helper_ticks', 'helper_jobs', 'helpers', 'supplies', 'away_spells', 'busy_spells',
            'laid_jobs', 'chore_turns', 'chores',
        ] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('run_steps', fn(Blueprint $table) => $table->dropColumn(['found', 'since']));
        Schema::table('keepers', fn(Blueprint $table) => $table->dropColumn('week'));
        Schema::table('keepers', function (Blueprint $table): void {
            $table->dropUnique(['feed_hash']);
            $table->dropColumn('feed_hash');
        });
    }
};
