<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('offices', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('office_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('email')->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('office_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('number', 60)->default('');
            $table->string('client', 120)->default('');
            $table->string('engineer', 120)->default('');
            $table->string('checker', 120)->default('');
            $table->json('basis');
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('members', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->unsignedInteger('revision')->default(1);
            $table->string('mark', 60)->default('');
            $table->string('title', 200)->default('');
            $table->string('section', 60)->default('');
            $table->json('document');
            $table->json('summary')->comment('verdict and outline for the list of members');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['job_id', 'position']);
        });
        Schema::create('packs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('paper', 10);
            $table->boolean('full');
            $table->string('state', 20)->default('waiting');
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('total')->default(0);
            $table->string('message', 500)->default('');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['packs', 'members', 'jobs', 'users', 'offices'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
