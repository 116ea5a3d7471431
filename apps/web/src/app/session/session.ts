import { Component } from '@angular/core';
@Component({ selector: 'otter-session', template: 'Session' })
export class Session {}
