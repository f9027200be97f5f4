var __getOwnPropNames = Object.getOwnPropertyNames;
var __commonJS = (cb, mod) => function() {
  try {
    return mod || (0, cb[__getOwnPropNames(cb)[0]])((mod = { exports: {} }).exports, mod), mod.exports;
  } catch (e) {
    throw mod = 0, e;
  }
};

// packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    function ucs2length(str) {
      let len = str.length, length = 0, pos = 0, value;
      for (; pos < len; )
        length++, value = str.charCodeAt(pos++), value >= 55296 && value <= 56319 && pos < len && (value = str.charCodeAt(pos), (value & 64512) === 56320 && pos++);
      return length;
    }
    exports.default = ucs2length;
    ucs2length.code = 'require("ajv/dist/runtime/ucs2length").default';
  }
});

// node_modules/fast-deep-equal/index.js
var require_fast_deep_equal = __commonJS({
  "node_modules/fast-deep-equal/index.js"(exports, module) {
    "use strict";
    module.exports = function equal(a, b) {
      if (a === b) return !0;
      if (a && b && typeof a == "object" && typeof b == "object") {
        if (a.constructor !== b.constructor) return !1;
        var length, i, keys;
        if (Array.isArray(a)) {
          if (length = a.length, length != b.length) return !1;
          for (i = length; i-- !== 0; )
            if (!equal(a[i], b[i])) return !1;
          return !0;
        }
        if (a.constructor === RegExp) return a.source === b.source && a.flags === b.flags;
        if (a.valueOf !== Object.prototype.valueOf) return a.valueOf() === b.valueOf();
        if (a.toString !== Object.prototype.toString) return a.toString() === b.toString();
        if (keys = Object.keys(a), length = keys.length, length !== Object.keys(b).length) return !1;
        for (i = length; i-- !== 0; )
          if (!Object.prototype.hasOwnProperty.call(b, keys[i])) return !1;
        for (i = length; i-- !== 0; ) {
          var key = keys[i];
          if (!equal(a[key], b[key])) return !1;
        }
        return !0;
      }
      return a !== a && b !== b;
    };
  }
});

// packages/contracts/node_modules/ajv/dist/runtime/equal.js
var require_equal = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/equal.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    var equal = require_fast_deep_equal();
    equal.code = 'require("ajv/dist/runtime/equal").default';
    exports.default = equal;
  }
});

// <stdin>
var beginSecondFactor = validate26;
var func2 = require_ucs2length().default, pattern4 = new RegExp("\\S", "u");
function validate26(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate26.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.password === void 0 && (missing0 = "password"))
        return validate26.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "password") {
            return validate26.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.password !== void 0) {
          let data0 = data.password;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 200)
                return validate26.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
              if (func2(data0) < 1)
                return validate26.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern4.test(data0))
                return validate26.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
            } else
              return validate26.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate26.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate26.errors = vErrors, errors === 0;
}
validate26.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeAddress = validate27;
var pattern18 = new RegExp("^[^\\s@]+@[^\\s@]+$", "u");
function validate27(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate27.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.email === void 0 && (missing0 = "email") || data.password === void 0 && (missing0 = "password"))
        return validate27.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "email" || key0 === "password")) {
            return validate27.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.email !== void 0) {
            let data0 = data.email, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 200)
                  return validate27.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func2(data0) < 3)
                  return validate27.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                if (!pattern18.test(data0))
                  return validate27.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^[^\\s@]+@[^\\s@]+$" }, message: 'must match pattern "^[^\\s@]+@[^\\s@]+$"' }], !1;
              } else
                return validate27.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.password !== void 0) {
              let data1 = data.password, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 200)
                    return validate27.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate27.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate27.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate27.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate27.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate27.errors = vErrors, errors === 0;
}
validate27.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeExceptions = validate28, schema39 = { type: "object", properties: { "time.record": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "time.read": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "time.correct": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "time.review": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "work.read": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "values.read": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "cost.read": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "pay.read": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "entries.price": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "agreements.change": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "invoices.read": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "invoices.issue": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "payments.record": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "results.read": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "history.read": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "people.change": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "work.change": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] }, "firm.change": { anyOf: [{ type: "string", enum: ["own", "project", "team", "firm"] }, { type: "null" }] } }, additionalProperties: !1 }, func1 = Object.prototype.hasOwnProperty;
function validate28(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate28.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let _errs1 = errors;
      for (let key0 in data)
        if (!func1.call(schema39.properties, key0)) {
          return validate28.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
          break;
        }
      if (_errs1 === errors) {
        if (data["time.record"] !== void 0) {
          let data0 = data["time.record"], _errs2 = errors, _errs3 = errors, valid1 = !1, _errs4 = errors;
          if (typeof data0 != "string") {
            let err0 = { instancePath: instancePath + "/time.record", schemaPath: "#/properties/time.record/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
            vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
          }
          if (!(data0 === "own" || data0 === "project" || data0 === "team" || data0 === "firm")) {
            let err1 = { instancePath: instancePath + "/time.record", schemaPath: "#/properties/time.record/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["time.record"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
            vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
          }
          var _valid0 = _errs4 === errors;
          valid1 = valid1 || _valid0;
          let _errs6 = errors;
          if (data0 !== null) {
            let err2 = { instancePath: instancePath + "/time.record", schemaPath: "#/properties/time.record/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
            vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
          }
          var _valid0 = _errs6 === errors;
          if (valid1 = valid1 || _valid0, valid1)
            errors = _errs3, vErrors !== null && (_errs3 ? vErrors.length = _errs3 : vErrors = null);
          else {
            let err3 = { instancePath: instancePath + "/time.record", schemaPath: "#/properties/time.record/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
            return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate28.errors = vErrors, !1;
          }
          var valid0 = _errs2 === errors;
        } else
          var valid0 = !0;
        if (valid0) {
          if (data["time.read"] !== void 0) {
            let data1 = data["time.read"], _errs8 = errors, _errs9 = errors, valid2 = !1, _errs10 = errors;
            if (typeof data1 != "string") {
              let err4 = { instancePath: instancePath + "/time.read", schemaPath: "#/properties/time.read/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
              vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
            }
            if (!(data1 === "own" || data1 === "project" || data1 === "team" || data1 === "firm")) {
              let err5 = { instancePath: instancePath + "/time.read", schemaPath: "#/properties/time.read/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["time.read"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
              vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
            }
            var _valid1 = _errs10 === errors;
            valid2 = valid2 || _valid1;
            let _errs12 = errors;
            if (data1 !== null) {
              let err6 = { instancePath: instancePath + "/time.read", schemaPath: "#/properties/time.read/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
              vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
            }
            var _valid1 = _errs12 === errors;
            if (valid2 = valid2 || _valid1, valid2)
              errors = _errs9, vErrors !== null && (_errs9 ? vErrors.length = _errs9 : vErrors = null);
            else {
              let err7 = { instancePath: instancePath + "/time.read", schemaPath: "#/properties/time.read/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
              return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate28.errors = vErrors, !1;
            }
            var valid0 = _errs8 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data["time.correct"] !== void 0) {
              let data2 = data["time.correct"], _errs14 = errors, _errs15 = errors, valid3 = !1, _errs16 = errors;
              if (typeof data2 != "string") {
                let err8 = { instancePath: instancePath + "/time.correct", schemaPath: "#/properties/time.correct/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
              }
              if (!(data2 === "own" || data2 === "project" || data2 === "team" || data2 === "firm")) {
                let err9 = { instancePath: instancePath + "/time.correct", schemaPath: "#/properties/time.correct/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["time.correct"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
              }
              var _valid2 = _errs16 === errors;
              valid3 = valid3 || _valid2;
              let _errs18 = errors;
              if (data2 !== null) {
                let err10 = { instancePath: instancePath + "/time.correct", schemaPath: "#/properties/time.correct/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
              }
              var _valid2 = _errs18 === errors;
              if (valid3 = valid3 || _valid2, valid3)
                errors = _errs15, vErrors !== null && (_errs15 ? vErrors.length = _errs15 : vErrors = null);
              else {
                let err11 = { instancePath: instancePath + "/time.correct", schemaPath: "#/properties/time.correct/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++, validate28.errors = vErrors, !1;
              }
              var valid0 = _errs14 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data["time.review"] !== void 0) {
                let data3 = data["time.review"], _errs20 = errors, _errs21 = errors, valid4 = !1, _errs22 = errors;
                if (typeof data3 != "string") {
                  let err12 = { instancePath: instancePath + "/time.review", schemaPath: "#/properties/time.review/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                  vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++;
                }
                if (!(data3 === "own" || data3 === "project" || data3 === "team" || data3 === "firm")) {
                  let err13 = { instancePath: instancePath + "/time.review", schemaPath: "#/properties/time.review/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["time.review"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                  vErrors === null ? vErrors = [err13] : vErrors.push(err13), errors++;
                }
                var _valid3 = _errs22 === errors;
                valid4 = valid4 || _valid3;
                let _errs24 = errors;
                if (data3 !== null) {
                  let err14 = { instancePath: instancePath + "/time.review", schemaPath: "#/properties/time.review/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                  vErrors === null ? vErrors = [err14] : vErrors.push(err14), errors++;
                }
                var _valid3 = _errs24 === errors;
                if (valid4 = valid4 || _valid3, valid4)
                  errors = _errs21, vErrors !== null && (_errs21 ? vErrors.length = _errs21 : vErrors = null);
                else {
                  let err15 = { instancePath: instancePath + "/time.review", schemaPath: "#/properties/time.review/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err15] : vErrors.push(err15), errors++, validate28.errors = vErrors, !1;
                }
                var valid0 = _errs20 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data["work.read"] !== void 0) {
                  let data4 = data["work.read"], _errs26 = errors, _errs27 = errors, valid5 = !1, _errs28 = errors;
                  if (typeof data4 != "string") {
                    let err16 = { instancePath: instancePath + "/work.read", schemaPath: "#/properties/work.read/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                    vErrors === null ? vErrors = [err16] : vErrors.push(err16), errors++;
                  }
                  if (!(data4 === "own" || data4 === "project" || data4 === "team" || data4 === "firm")) {
                    let err17 = { instancePath: instancePath + "/work.read", schemaPath: "#/properties/work.read/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["work.read"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                    vErrors === null ? vErrors = [err17] : vErrors.push(err17), errors++;
                  }
                  var _valid4 = _errs28 === errors;
                  valid5 = valid5 || _valid4;
                  let _errs30 = errors;
                  if (data4 !== null) {
                    let err18 = { instancePath: instancePath + "/work.read", schemaPath: "#/properties/work.read/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                    vErrors === null ? vErrors = [err18] : vErrors.push(err18), errors++;
                  }
                  var _valid4 = _errs30 === errors;
                  if (valid5 = valid5 || _valid4, valid5)
                    errors = _errs27, vErrors !== null && (_errs27 ? vErrors.length = _errs27 : vErrors = null);
                  else {
                    let err19 = { instancePath: instancePath + "/work.read", schemaPath: "#/properties/work.read/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                    return vErrors === null ? vErrors = [err19] : vErrors.push(err19), errors++, validate28.errors = vErrors, !1;
                  }
                  var valid0 = _errs26 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data["values.read"] !== void 0) {
                    let data5 = data["values.read"], _errs32 = errors, _errs33 = errors, valid6 = !1, _errs34 = errors;
                    if (typeof data5 != "string") {
                      let err20 = { instancePath: instancePath + "/values.read", schemaPath: "#/properties/values.read/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                      vErrors === null ? vErrors = [err20] : vErrors.push(err20), errors++;
                    }
                    if (!(data5 === "own" || data5 === "project" || data5 === "team" || data5 === "firm")) {
                      let err21 = { instancePath: instancePath + "/values.read", schemaPath: "#/properties/values.read/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["values.read"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                      vErrors === null ? vErrors = [err21] : vErrors.push(err21), errors++;
                    }
                    var _valid5 = _errs34 === errors;
                    valid6 = valid6 || _valid5;
                    let _errs36 = errors;
                    if (data5 !== null) {
                      let err22 = { instancePath: instancePath + "/values.read", schemaPath: "#/properties/values.read/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                      vErrors === null ? vErrors = [err22] : vErrors.push(err22), errors++;
                    }
                    var _valid5 = _errs36 === errors;
                    if (valid6 = valid6 || _valid5, valid6)
                      errors = _errs33, vErrors !== null && (_errs33 ? vErrors.length = _errs33 : vErrors = null);
                    else {
                      let err23 = { instancePath: instancePath + "/values.read", schemaPath: "#/properties/values.read/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                      return vErrors === null ? vErrors = [err23] : vErrors.push(err23), errors++, validate28.errors = vErrors, !1;
                    }
                    var valid0 = _errs32 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data["cost.read"] !== void 0) {
                      let data6 = data["cost.read"], _errs38 = errors, _errs39 = errors, valid7 = !1, _errs40 = errors;
                      if (typeof data6 != "string") {
                        let err24 = { instancePath: instancePath + "/cost.read", schemaPath: "#/properties/cost.read/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                        vErrors === null ? vErrors = [err24] : vErrors.push(err24), errors++;
                      }
                      if (!(data6 === "own" || data6 === "project" || data6 === "team" || data6 === "firm")) {
                        let err25 = { instancePath: instancePath + "/cost.read", schemaPath: "#/properties/cost.read/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["cost.read"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                        vErrors === null ? vErrors = [err25] : vErrors.push(err25), errors++;
                      }
                      var _valid6 = _errs40 === errors;
                      valid7 = valid7 || _valid6;
                      let _errs42 = errors;
                      if (data6 !== null) {
                        let err26 = { instancePath: instancePath + "/cost.read", schemaPath: "#/properties/cost.read/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                        vErrors === null ? vErrors = [err26] : vErrors.push(err26), errors++;
                      }
                      var _valid6 = _errs42 === errors;
                      if (valid7 = valid7 || _valid6, valid7)
                        errors = _errs39, vErrors !== null && (_errs39 ? vErrors.length = _errs39 : vErrors = null);
                      else {
                        let err27 = { instancePath: instancePath + "/cost.read", schemaPath: "#/properties/cost.read/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                        return vErrors === null ? vErrors = [err27] : vErrors.push(err27), errors++, validate28.errors = vErrors, !1;
                      }
                      var valid0 = _errs38 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0) {
                      if (data["pay.read"] !== void 0) {
                        let data7 = data["pay.read"], _errs44 = errors, _errs45 = errors, valid8 = !1, _errs46 = errors;
                        if (typeof data7 != "string") {
                          let err28 = { instancePath: instancePath + "/pay.read", schemaPath: "#/properties/pay.read/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                          vErrors === null ? vErrors = [err28] : vErrors.push(err28), errors++;
                        }
                        if (!(data7 === "own" || data7 === "project" || data7 === "team" || data7 === "firm")) {
                          let err29 = { instancePath: instancePath + "/pay.read", schemaPath: "#/properties/pay.read/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["pay.read"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                          vErrors === null ? vErrors = [err29] : vErrors.push(err29), errors++;
                        }
                        var _valid7 = _errs46 === errors;
                        valid8 = valid8 || _valid7;
                        let _errs48 = errors;
                        if (data7 !== null) {
                          let err30 = { instancePath: instancePath + "/pay.read", schemaPath: "#/properties/pay.read/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                          vErrors === null ? vErrors = [err30] : vErrors.push(err30), errors++;
                        }
                        var _valid7 = _errs48 === errors;
                        if (valid8 = valid8 || _valid7, valid8)
                          errors = _errs45, vErrors !== null && (_errs45 ? vErrors.length = _errs45 : vErrors = null);
                        else {
                          let err31 = { instancePath: instancePath + "/pay.read", schemaPath: "#/properties/pay.read/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                          return vErrors === null ? vErrors = [err31] : vErrors.push(err31), errors++, validate28.errors = vErrors, !1;
                        }
                        var valid0 = _errs44 === errors;
                      } else
                        var valid0 = !0;
                      if (valid0) {
                        if (data["entries.price"] !== void 0) {
                          let data8 = data["entries.price"], _errs50 = errors, _errs51 = errors, valid9 = !1, _errs52 = errors;
                          if (typeof data8 != "string") {
                            let err32 = { instancePath: instancePath + "/entries.price", schemaPath: "#/properties/entries.price/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err32] : vErrors.push(err32), errors++;
                          }
                          if (!(data8 === "own" || data8 === "project" || data8 === "team" || data8 === "firm")) {
                            let err33 = { instancePath: instancePath + "/entries.price", schemaPath: "#/properties/entries.price/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["entries.price"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                            vErrors === null ? vErrors = [err33] : vErrors.push(err33), errors++;
                          }
                          var _valid8 = _errs52 === errors;
                          valid9 = valid9 || _valid8;
                          let _errs54 = errors;
                          if (data8 !== null) {
                            let err34 = { instancePath: instancePath + "/entries.price", schemaPath: "#/properties/entries.price/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                            vErrors === null ? vErrors = [err34] : vErrors.push(err34), errors++;
                          }
                          var _valid8 = _errs54 === errors;
                          if (valid9 = valid9 || _valid8, valid9)
                            errors = _errs51, vErrors !== null && (_errs51 ? vErrors.length = _errs51 : vErrors = null);
                          else {
                            let err35 = { instancePath: instancePath + "/entries.price", schemaPath: "#/properties/entries.price/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                            return vErrors === null ? vErrors = [err35] : vErrors.push(err35), errors++, validate28.errors = vErrors, !1;
                          }
                          var valid0 = _errs50 === errors;
                        } else
                          var valid0 = !0;
                        if (valid0) {
                          if (data["agreements.change"] !== void 0) {
                            let data9 = data["agreements.change"], _errs56 = errors, _errs57 = errors, valid10 = !1, _errs58 = errors;
                            if (typeof data9 != "string") {
                              let err36 = { instancePath: instancePath + "/agreements.change", schemaPath: "#/properties/agreements.change/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                              vErrors === null ? vErrors = [err36] : vErrors.push(err36), errors++;
                            }
                            if (!(data9 === "own" || data9 === "project" || data9 === "team" || data9 === "firm")) {
                              let err37 = { instancePath: instancePath + "/agreements.change", schemaPath: "#/properties/agreements.change/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["agreements.change"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                              vErrors === null ? vErrors = [err37] : vErrors.push(err37), errors++;
                            }
                            var _valid9 = _errs58 === errors;
                            valid10 = valid10 || _valid9;
                            let _errs60 = errors;
                            if (data9 !== null) {
                              let err38 = { instancePath: instancePath + "/agreements.change", schemaPath: "#/properties/agreements.change/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                              vErrors === null ? vErrors = [err38] : vErrors.push(err38), errors++;
                            }
                            var _valid9 = _errs60 === errors;
                            if (valid10 = valid10 || _valid9, valid10)
                              errors = _errs57, vErrors !== null && (_errs57 ? vErrors.length = _errs57 : vErrors = null);
                            else {
                              let err39 = { instancePath: instancePath + "/agreements.change", schemaPath: "#/properties/agreements.change/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                              return vErrors === null ? vErrors = [err39] : vErrors.push(err39), errors++, validate28.errors = vErrors, !1;
                            }
                            var valid0 = _errs56 === errors;
                          } else
                            var valid0 = !0;
                          if (valid0) {
                            if (data["invoices.read"] !== void 0) {
                              let data10 = data["invoices.read"], _errs62 = errors, _errs63 = errors, valid11 = !1, _errs64 = errors;
                              if (typeof data10 != "string") {
                                let err40 = { instancePath: instancePath + "/invoices.read", schemaPath: "#/properties/invoices.read/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                vErrors === null ? vErrors = [err40] : vErrors.push(err40), errors++;
                              }
                              if (!(data10 === "own" || data10 === "project" || data10 === "team" || data10 === "firm")) {
                                let err41 = { instancePath: instancePath + "/invoices.read", schemaPath: "#/properties/invoices.read/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["invoices.read"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                vErrors === null ? vErrors = [err41] : vErrors.push(err41), errors++;
                              }
                              var _valid10 = _errs64 === errors;
                              valid11 = valid11 || _valid10;
                              let _errs66 = errors;
                              if (data10 !== null) {
                                let err42 = { instancePath: instancePath + "/invoices.read", schemaPath: "#/properties/invoices.read/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                vErrors === null ? vErrors = [err42] : vErrors.push(err42), errors++;
                              }
                              var _valid10 = _errs66 === errors;
                              if (valid11 = valid11 || _valid10, valid11)
                                errors = _errs63, vErrors !== null && (_errs63 ? vErrors.length = _errs63 : vErrors = null);
                              else {
                                let err43 = { instancePath: instancePath + "/invoices.read", schemaPath: "#/properties/invoices.read/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                return vErrors === null ? vErrors = [err43] : vErrors.push(err43), errors++, validate28.errors = vErrors, !1;
                              }
                              var valid0 = _errs62 === errors;
                            } else
                              var valid0 = !0;
                            if (valid0) {
                              if (data["invoices.issue"] !== void 0) {
                                let data11 = data["invoices.issue"], _errs68 = errors, _errs69 = errors, valid12 = !1, _errs70 = errors;
                                if (typeof data11 != "string") {
                                  let err44 = { instancePath: instancePath + "/invoices.issue", schemaPath: "#/properties/invoices.issue/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                  vErrors === null ? vErrors = [err44] : vErrors.push(err44), errors++;
                                }
                                if (!(data11 === "own" || data11 === "project" || data11 === "team" || data11 === "firm")) {
                                  let err45 = { instancePath: instancePath + "/invoices.issue", schemaPath: "#/properties/invoices.issue/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["invoices.issue"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                  vErrors === null ? vErrors = [err45] : vErrors.push(err45), errors++;
                                }
                                var _valid11 = _errs70 === errors;
                                valid12 = valid12 || _valid11;
                                let _errs72 = errors;
                                if (data11 !== null) {
                                  let err46 = { instancePath: instancePath + "/invoices.issue", schemaPath: "#/properties/invoices.issue/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                  vErrors === null ? vErrors = [err46] : vErrors.push(err46), errors++;
                                }
                                var _valid11 = _errs72 === errors;
                                if (valid12 = valid12 || _valid11, valid12)
                                  errors = _errs69, vErrors !== null && (_errs69 ? vErrors.length = _errs69 : vErrors = null);
                                else {
                                  let err47 = { instancePath: instancePath + "/invoices.issue", schemaPath: "#/properties/invoices.issue/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                  return vErrors === null ? vErrors = [err47] : vErrors.push(err47), errors++, validate28.errors = vErrors, !1;
                                }
                                var valid0 = _errs68 === errors;
                              } else
                                var valid0 = !0;
                              if (valid0) {
                                if (data["payments.record"] !== void 0) {
                                  let data12 = data["payments.record"], _errs74 = errors, _errs75 = errors, valid13 = !1, _errs76 = errors;
                                  if (typeof data12 != "string") {
                                    let err48 = { instancePath: instancePath + "/payments.record", schemaPath: "#/properties/payments.record/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                    vErrors === null ? vErrors = [err48] : vErrors.push(err48), errors++;
                                  }
                                  if (!(data12 === "own" || data12 === "project" || data12 === "team" || data12 === "firm")) {
                                    let err49 = { instancePath: instancePath + "/payments.record", schemaPath: "#/properties/payments.record/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["payments.record"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                    vErrors === null ? vErrors = [err49] : vErrors.push(err49), errors++;
                                  }
                                  var _valid12 = _errs76 === errors;
                                  valid13 = valid13 || _valid12;
                                  let _errs78 = errors;
                                  if (data12 !== null) {
                                    let err50 = { instancePath: instancePath + "/payments.record", schemaPath: "#/properties/payments.record/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                    vErrors === null ? vErrors = [err50] : vErrors.push(err50), errors++;
                                  }
                                  var _valid12 = _errs78 === errors;
                                  if (valid13 = valid13 || _valid12, valid13)
                                    errors = _errs75, vErrors !== null && (_errs75 ? vErrors.length = _errs75 : vErrors = null);
                                  else {
                                    let err51 = { instancePath: instancePath + "/payments.record", schemaPath: "#/properties/payments.record/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                    return vErrors === null ? vErrors = [err51] : vErrors.push(err51), errors++, validate28.errors = vErrors, !1;
                                  }
                                  var valid0 = _errs74 === errors;
                                } else
                                  var valid0 = !0;
                                if (valid0) {
                                  if (data["results.read"] !== void 0) {
                                    let data13 = data["results.read"], _errs80 = errors, _errs81 = errors, valid14 = !1, _errs82 = errors;
                                    if (typeof data13 != "string") {
                                      let err52 = { instancePath: instancePath + "/results.read", schemaPath: "#/properties/results.read/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                      vErrors === null ? vErrors = [err52] : vErrors.push(err52), errors++;
                                    }
                                    if (!(data13 === "own" || data13 === "project" || data13 === "team" || data13 === "firm")) {
                                      let err53 = { instancePath: instancePath + "/results.read", schemaPath: "#/properties/results.read/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["results.read"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                      vErrors === null ? vErrors = [err53] : vErrors.push(err53), errors++;
                                    }
                                    var _valid13 = _errs82 === errors;
                                    valid14 = valid14 || _valid13;
                                    let _errs84 = errors;
                                    if (data13 !== null) {
                                      let err54 = { instancePath: instancePath + "/results.read", schemaPath: "#/properties/results.read/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                      vErrors === null ? vErrors = [err54] : vErrors.push(err54), errors++;
                                    }
                                    var _valid13 = _errs84 === errors;
                                    if (valid14 = valid14 || _valid13, valid14)
                                      errors = _errs81, vErrors !== null && (_errs81 ? vErrors.length = _errs81 : vErrors = null);
                                    else {
                                      let err55 = { instancePath: instancePath + "/results.read", schemaPath: "#/properties/results.read/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                      return vErrors === null ? vErrors = [err55] : vErrors.push(err55), errors++, validate28.errors = vErrors, !1;
                                    }
                                    var valid0 = _errs80 === errors;
                                  } else
                                    var valid0 = !0;
                                  if (valid0) {
                                    if (data["history.read"] !== void 0) {
                                      let data14 = data["history.read"], _errs86 = errors, _errs87 = errors, valid15 = !1, _errs88 = errors;
                                      if (typeof data14 != "string") {
                                        let err56 = { instancePath: instancePath + "/history.read", schemaPath: "#/properties/history.read/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                        vErrors === null ? vErrors = [err56] : vErrors.push(err56), errors++;
                                      }
                                      if (!(data14 === "own" || data14 === "project" || data14 === "team" || data14 === "firm")) {
                                        let err57 = { instancePath: instancePath + "/history.read", schemaPath: "#/properties/history.read/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["history.read"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                        vErrors === null ? vErrors = [err57] : vErrors.push(err57), errors++;
                                      }
                                      var _valid14 = _errs88 === errors;
                                      valid15 = valid15 || _valid14;
                                      let _errs90 = errors;
                                      if (data14 !== null) {
                                        let err58 = { instancePath: instancePath + "/history.read", schemaPath: "#/properties/history.read/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                        vErrors === null ? vErrors = [err58] : vErrors.push(err58), errors++;
                                      }
                                      var _valid14 = _errs90 === errors;
                                      if (valid15 = valid15 || _valid14, valid15)
                                        errors = _errs87, vErrors !== null && (_errs87 ? vErrors.length = _errs87 : vErrors = null);
                                      else {
                                        let err59 = { instancePath: instancePath + "/history.read", schemaPath: "#/properties/history.read/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                        return vErrors === null ? vErrors = [err59] : vErrors.push(err59), errors++, validate28.errors = vErrors, !1;
                                      }
                                      var valid0 = _errs86 === errors;
                                    } else
                                      var valid0 = !0;
                                    if (valid0) {
                                      if (data["people.change"] !== void 0) {
                                        let data15 = data["people.change"], _errs92 = errors, _errs93 = errors, valid16 = !1, _errs94 = errors;
                                        if (typeof data15 != "string") {
                                          let err60 = { instancePath: instancePath + "/people.change", schemaPath: "#/properties/people.change/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                          vErrors === null ? vErrors = [err60] : vErrors.push(err60), errors++;
                                        }
                                        if (!(data15 === "own" || data15 === "project" || data15 === "team" || data15 === "firm")) {
                                          let err61 = { instancePath: instancePath + "/people.change", schemaPath: "#/properties/people.change/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["people.change"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                          vErrors === null ? vErrors = [err61] : vErrors.push(err61), errors++;
                                        }
                                        var _valid15 = _errs94 === errors;
                                        valid16 = valid16 || _valid15;
                                        let _errs96 = errors;
                                        if (data15 !== null) {
                                          let err62 = { instancePath: instancePath + "/people.change", schemaPath: "#/properties/people.change/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                          vErrors === null ? vErrors = [err62] : vErrors.push(err62), errors++;
                                        }
                                        var _valid15 = _errs96 === errors;
                                        if (valid16 = valid16 || _valid15, valid16)
                                          errors = _errs93, vErrors !== null && (_errs93 ? vErrors.length = _errs93 : vErrors = null);
                                        else {
                                          let err63 = { instancePath: instancePath + "/people.change", schemaPath: "#/properties/people.change/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                          return vErrors === null ? vErrors = [err63] : vErrors.push(err63), errors++, validate28.errors = vErrors, !1;
                                        }
                                        var valid0 = _errs92 === errors;
                                      } else
                                        var valid0 = !0;
                                      if (valid0) {
                                        if (data["work.change"] !== void 0) {
                                          let data16 = data["work.change"], _errs98 = errors, _errs99 = errors, valid17 = !1, _errs100 = errors;
                                          if (typeof data16 != "string") {
                                            let err64 = { instancePath: instancePath + "/work.change", schemaPath: "#/properties/work.change/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                            vErrors === null ? vErrors = [err64] : vErrors.push(err64), errors++;
                                          }
                                          if (!(data16 === "own" || data16 === "project" || data16 === "team" || data16 === "firm")) {
                                            let err65 = { instancePath: instancePath + "/work.change", schemaPath: "#/properties/work.change/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["work.change"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                            vErrors === null ? vErrors = [err65] : vErrors.push(err65), errors++;
                                          }
                                          var _valid16 = _errs100 === errors;
                                          valid17 = valid17 || _valid16;
                                          let _errs102 = errors;
                                          if (data16 !== null) {
                                            let err66 = { instancePath: instancePath + "/work.change", schemaPath: "#/properties/work.change/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                            vErrors === null ? vErrors = [err66] : vErrors.push(err66), errors++;
                                          }
                                          var _valid16 = _errs102 === errors;
                                          if (valid17 = valid17 || _valid16, valid17)
                                            errors = _errs99, vErrors !== null && (_errs99 ? vErrors.length = _errs99 : vErrors = null);
                                          else {
                                            let err67 = { instancePath: instancePath + "/work.change", schemaPath: "#/properties/work.change/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                            return vErrors === null ? vErrors = [err67] : vErrors.push(err67), errors++, validate28.errors = vErrors, !1;
                                          }
                                          var valid0 = _errs98 === errors;
                                        } else
                                          var valid0 = !0;
                                        if (valid0)
                                          if (data["firm.change"] !== void 0) {
                                            let data17 = data["firm.change"], _errs104 = errors, _errs105 = errors, valid18 = !1, _errs106 = errors;
                                            if (typeof data17 != "string") {
                                              let err68 = { instancePath: instancePath + "/firm.change", schemaPath: "#/properties/firm.change/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                              vErrors === null ? vErrors = [err68] : vErrors.push(err68), errors++;
                                            }
                                            if (!(data17 === "own" || data17 === "project" || data17 === "team" || data17 === "firm")) {
                                              let err69 = { instancePath: instancePath + "/firm.change", schemaPath: "#/properties/firm.change/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema39.properties["firm.change"].anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                              vErrors === null ? vErrors = [err69] : vErrors.push(err69), errors++;
                                            }
                                            var _valid17 = _errs106 === errors;
                                            valid18 = valid18 || _valid17;
                                            let _errs108 = errors;
                                            if (data17 !== null) {
                                              let err70 = { instancePath: instancePath + "/firm.change", schemaPath: "#/properties/firm.change/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                              vErrors === null ? vErrors = [err70] : vErrors.push(err70), errors++;
                                            }
                                            var _valid17 = _errs108 === errors;
                                            if (valid18 = valid18 || _valid17, valid18)
                                              errors = _errs105, vErrors !== null && (_errs105 ? vErrors.length = _errs105 : vErrors = null);
                                            else {
                                              let err71 = { instancePath: instancePath + "/firm.change", schemaPath: "#/properties/firm.change/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                              return vErrors === null ? vErrors = [err71] : vErrors.push(err71), errors++, validate28.errors = vErrors, !1;
                                            }
                                            var valid0 = _errs104 === errors;
                                          } else
                                            var valid0 = !0;
                                      }
                                    }
                                  }
                                }
                              }
                            }
                          }
                        }
                      }
                    }
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate28.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate28.errors = vErrors, errors === 0;
}
validate28.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeGroup = validate29;
function validate29(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate29.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.ended === void 0 && (missing0 = "ended"))
        return validate29.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "ended")) {
            return validate29.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 80)
                  return validate29.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 80 }, message: "must NOT have more than 80 characters" }], !1;
                if (func2(data0) < 1)
                  return validate29.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate29.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate29.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.ended !== void 0) {
              let _errs4 = errors;
              if (typeof data.ended != "boolean")
                return validate29.errors = [{ instancePath: instancePath + "/ended", schemaPath: "#/properties/ended/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate29.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate29.errors = vErrors, errors === 0;
}
validate29.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeInstruction = validate30;
function validate30(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate30.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.wording === void 0 && (missing0 = "wording"))
        return validate30.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "wording") {
            return validate30.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.wording !== void 0) {
          let data0 = data.wording;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 8e3)
                return validate30.errors = [{ instancePath: instancePath + "/wording", schemaPath: "#/properties/wording/maxLength", keyword: "maxLength", params: { limit: 8e3 }, message: "must NOT have more than 8000 characters" }], !1;
              if (func2(data0) < 1)
                return validate30.errors = [{ instancePath: instancePath + "/wording", schemaPath: "#/properties/wording/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern4.test(data0))
                return validate30.errors = [{ instancePath: instancePath + "/wording", schemaPath: "#/properties/wording/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
            } else
              return validate30.errors = [{ instancePath: instancePath + "/wording", schemaPath: "#/properties/wording/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate30.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate30.errors = vErrors, errors === 0;
}
validate30.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeManyRoles = validate31, schema42 = { type: "object", required: ["people", "roles", "ownRoles", "how"], properties: { people: { type: "array", items: { type: "object", required: ["id", "version"], properties: { id: { type: "string", format: "uuid" }, version: { type: "integer", minimum: 1, maximum: 2147483647 } }, additionalProperties: !1 }, minItems: 1, maxItems: 2e3 }, roles: { type: "array", items: { type: "string", enum: ["owner", "administrator", "manager", "project manager", "bookkeeper", "staff", "auditor"] }, maxItems: 7, uniqueItems: !0 }, ownRoles: { type: "array", items: { type: "string", format: "uuid" }, maxItems: 50, uniqueItems: !0 }, how: { type: "string", enum: ["add", "replace", "take"] } }, additionalProperties: !1 }, formats4 = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;
function validate31(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate31.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.people === void 0 && (missing0 = "people") || data.roles === void 0 && (missing0 = "roles") || data.ownRoles === void 0 && (missing0 = "ownRoles") || data.how === void 0 && (missing0 = "how"))
        return validate31.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "people" || key0 === "roles" || key0 === "ownRoles" || key0 === "how")) {
            return validate31.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.people !== void 0) {
            let data0 = data.people, _errs2 = errors;
            if (errors === _errs2)
              if (Array.isArray(data0)) {
                if (data0.length > 2e3)
                  return validate31.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                if (data0.length < 1)
                  return validate31.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                {
                  var valid1 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs4 = errors;
                    if (errors === _errs4)
                      if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                        let missing1;
                        if (data1.id === void 0 && (missing1 = "id") || data1.version === void 0 && (missing1 = "version"))
                          return validate31.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs6 = errors;
                          for (let key1 in data1)
                            if (!(key1 === "id" || key1 === "version")) {
                              return validate31.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs6 === errors) {
                            if (data1.id !== void 0) {
                              let data2 = data1.id, _errs7 = errors;
                              if (errors === _errs7 && errors === _errs7)
                                if (typeof data2 == "string") {
                                  if (!formats4.test(data2))
                                    return validate31.errors = [{ instancePath: instancePath + "/people/" + i0 + "/id", schemaPath: "#/properties/people/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                } else
                                  return validate31.errors = [{ instancePath: instancePath + "/people/" + i0 + "/id", schemaPath: "#/properties/people/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs7 === errors;
                            } else
                              var valid2 = !0;
                            if (valid2)
                              if (data1.version !== void 0) {
                                let data3 = data1.version, _errs9 = errors;
                                if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                                  return validate31.errors = [{ instancePath: instancePath + "/people/" + i0 + "/version", schemaPath: "#/properties/people/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                if (errors === _errs9 && typeof data3 == "number" && isFinite(data3)) {
                                  if (data3 > 2147483647 || isNaN(data3))
                                    return validate31.errors = [{ instancePath: instancePath + "/people/" + i0 + "/version", schemaPath: "#/properties/people/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                  if (data3 < 1 || isNaN(data3))
                                    return validate31.errors = [{ instancePath: instancePath + "/people/" + i0 + "/version", schemaPath: "#/properties/people/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                }
                                var valid2 = _errs9 === errors;
                              } else
                                var valid2 = !0;
                          }
                        }
                      } else
                        return validate31.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid1 = _errs4 === errors;
                    if (!valid1)
                      break;
                  }
                }
              } else
                return validate31.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.roles !== void 0) {
              let data4 = data.roles, _errs11 = errors;
              if (errors === _errs11)
                if (Array.isArray(data4)) {
                  if (data4.length > 7)
                    return validate31.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/maxItems", keyword: "maxItems", params: { limit: 7 }, message: "must NOT have more than 7 items" }], !1;
                  {
                    var valid3 = !0;
                    let len1 = data4.length;
                    for (let i1 = 0; i1 < len1; i1++) {
                      let data5 = data4[i1], _errs13 = errors;
                      if (typeof data5 != "string")
                        return validate31.errors = [{ instancePath: instancePath + "/roles/" + i1, schemaPath: "#/properties/roles/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      if (!(data5 === "owner" || data5 === "administrator" || data5 === "manager" || data5 === "project manager" || data5 === "bookkeeper" || data5 === "staff" || data5 === "auditor"))
                        return validate31.errors = [{ instancePath: instancePath + "/roles/" + i1, schemaPath: "#/properties/roles/items/enum", keyword: "enum", params: { allowedValues: schema42.properties.roles.items.enum }, message: "must be equal to one of the allowed values" }], !1;
                      var valid3 = _errs13 === errors;
                      if (!valid3)
                        break;
                    }
                    if (valid3) {
                      let i2 = data4.length, j0;
                      if (i2 > 1) {
                        let indices0 = {};
                        for (; i2--; ) {
                          let item0 = data4[i2];
                          if (typeof item0 == "string") {
                            if (typeof indices0[item0] == "number") {
                              return j0 = indices0[item0], validate31.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/uniqueItems", keyword: "uniqueItems", params: { i: i2, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i2 + " are identical)" }], !1;
                              break;
                            }
                            indices0[item0] = i2;
                          }
                        }
                      }
                    }
                  }
                } else
                  return validate31.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs11 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.ownRoles !== void 0) {
                let data6 = data.ownRoles, _errs15 = errors;
                if (errors === _errs15)
                  if (Array.isArray(data6)) {
                    if (data6.length > 50)
                      return validate31.errors = [{ instancePath: instancePath + "/ownRoles", schemaPath: "#/properties/ownRoles/maxItems", keyword: "maxItems", params: { limit: 50 }, message: "must NOT have more than 50 items" }], !1;
                    {
                      var valid5 = !0;
                      let len2 = data6.length;
                      for (let i3 = 0; i3 < len2; i3++) {
                        let data7 = data6[i3], _errs17 = errors;
                        if (errors === _errs17 && errors === _errs17)
                          if (typeof data7 == "string") {
                            if (!formats4.test(data7))
                              return validate31.errors = [{ instancePath: instancePath + "/ownRoles/" + i3, schemaPath: "#/properties/ownRoles/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                          } else
                            return validate31.errors = [{ instancePath: instancePath + "/ownRoles/" + i3, schemaPath: "#/properties/ownRoles/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid5 = _errs17 === errors;
                        if (!valid5)
                          break;
                      }
                      if (valid5) {
                        let i4 = data6.length, j1;
                        if (i4 > 1) {
                          let indices1 = {};
                          for (; i4--; ) {
                            let item1 = data6[i4];
                            if (typeof item1 == "string") {
                              if (typeof indices1[item1] == "number") {
                                return j1 = indices1[item1], validate31.errors = [{ instancePath: instancePath + "/ownRoles", schemaPath: "#/properties/ownRoles/uniqueItems", keyword: "uniqueItems", params: { i: i4, j: j1 }, message: "must NOT have duplicate items (items ## " + j1 + " and " + i4 + " are identical)" }], !1;
                                break;
                              }
                              indices1[item1] = i4;
                            }
                          }
                        }
                      }
                    }
                  } else
                    return validate31.errors = [{ instancePath: instancePath + "/ownRoles", schemaPath: "#/properties/ownRoles/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                var valid0 = _errs15 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.how !== void 0) {
                  let data8 = data.how, _errs19 = errors;
                  if (typeof data8 != "string")
                    return validate31.errors = [{ instancePath: instancePath + "/how", schemaPath: "#/properties/how/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  if (!(data8 === "add" || data8 === "replace" || data8 === "take"))
                    return validate31.errors = [{ instancePath: instancePath + "/how", schemaPath: "#/properties/how/enum", keyword: "enum", params: { allowedValues: schema42.properties.how.enum }, message: "must be equal to one of the allowed values" }], !1;
                  var valid0 = _errs19 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate31.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate31.errors = vErrors, errors === 0;
}
validate31.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeName = validate32;
function validate32(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate32.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name"))
        return validate32.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "name") {
            return validate32.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.name !== void 0) {
          let data0 = data.name;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 100)
                return validate32.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
              if (func2(data0) < 1)
                return validate32.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern4.test(data0))
                return validate32.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
            } else
              return validate32.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate32.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate32.errors = vErrors, errors === 0;
}
validate32.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changePassword = validate33;
function validate33(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate33.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.current === void 0 && (missing0 = "current") || data.next === void 0 && (missing0 = "next"))
        return validate33.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "current" || key0 === "next")) {
            return validate33.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.current !== void 0) {
            let data0 = data.current, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 200)
                  return validate33.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func2(data0) < 1)
                  return validate33.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate33.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate33.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.next !== void 0) {
              let data1 = data.next, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 200)
                    return validate33.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func2(data1) < 12)
                    return validate33.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/minLength", keyword: "minLength", params: { limit: 12 }, message: "must NOT have fewer than 12 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate33.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate33.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate33.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate33.errors = vErrors, errors === 0;
}
validate33.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changePerson = validate34, schema45 = { type: "object", required: ["name", "email", "staffNumber"], properties: { name: { type: "string", minLength: 1, maxLength: 100, pattern: "\\S" }, email: { type: "string", minLength: 3, maxLength: 200, pattern: "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$" }, staffNumber: { type: "string", minLength: 1, maxLength: 40, pattern: "\\S" }, kind: { type: "string", enum: ["employee", "subcontractor", "other"] }, departmentId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, zone: { type: "string", maxLength: 60 }, startedOn: { type: "string", format: "date" }, position: { type: "object", required: ["id", "from"], properties: { id: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, from: { type: "string", format: "date" } }, additionalProperties: !1 } }, additionalProperties: !1 }, pattern26 = new RegExp("^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$", "u"), formats0 = /^\d{4}-\d{2}-\d{2}$/;
function validate34(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate34.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.email === void 0 && (missing0 = "email") || data.staffNumber === void 0 && (missing0 = "staffNumber"))
        return validate34.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "email" || key0 === "staffNumber" || key0 === "kind" || key0 === "departmentId" || key0 === "zone" || key0 === "startedOn" || key0 === "position")) {
            return validate34.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 100)
                  return validate34.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func2(data0) < 1)
                  return validate34.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate34.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate34.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.email !== void 0) {
              let data1 = data.email, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 200)
                    return validate34.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func2(data1) < 3)
                    return validate34.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                  if (!pattern26.test(data1))
                    return validate34.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$" }, message: 'must match pattern "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$"' }], !1;
                } else
                  return validate34.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.staffNumber !== void 0) {
                let data2 = data.staffNumber, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (func2(data2) > 40)
                      return validate34.errors = [{ instancePath: instancePath + "/staffNumber", schemaPath: "#/properties/staffNumber/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
                    if (func2(data2) < 1)
                      return validate34.errors = [{ instancePath: instancePath + "/staffNumber", schemaPath: "#/properties/staffNumber/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                    if (!pattern4.test(data2))
                      return validate34.errors = [{ instancePath: instancePath + "/staffNumber", schemaPath: "#/properties/staffNumber/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                  } else
                    return validate34.errors = [{ instancePath: instancePath + "/staffNumber", schemaPath: "#/properties/staffNumber/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.kind !== void 0) {
                  let data3 = data.kind, _errs8 = errors;
                  if (typeof data3 != "string")
                    return validate34.errors = [{ instancePath: instancePath + "/kind", schemaPath: "#/properties/kind/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  if (!(data3 === "employee" || data3 === "subcontractor" || data3 === "other"))
                    return validate34.errors = [{ instancePath: instancePath + "/kind", schemaPath: "#/properties/kind/enum", keyword: "enum", params: { allowedValues: schema45.properties.kind.enum }, message: "must be equal to one of the allowed values" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.departmentId !== void 0) {
                    let data4 = data.departmentId, _errs10 = errors, _errs11 = errors, valid1 = !1, _errs12 = errors;
                    if (errors === _errs12 && errors === _errs12)
                      if (typeof data4 == "string") {
                        if (!formats4.test(data4)) {
                          let err0 = { instancePath: instancePath + "/departmentId", schemaPath: "#/properties/departmentId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                          vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                        }
                      } else {
                        let err1 = { instancePath: instancePath + "/departmentId", schemaPath: "#/properties/departmentId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                        vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                      }
                    var _valid0 = _errs12 === errors;
                    valid1 = valid1 || _valid0;
                    let _errs14 = errors;
                    if (data4 !== null) {
                      let err2 = { instancePath: instancePath + "/departmentId", schemaPath: "#/properties/departmentId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                      vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                    }
                    var _valid0 = _errs14 === errors;
                    if (valid1 = valid1 || _valid0, valid1)
                      errors = _errs11, vErrors !== null && (_errs11 ? vErrors.length = _errs11 : vErrors = null);
                    else {
                      let err3 = { instancePath: instancePath + "/departmentId", schemaPath: "#/properties/departmentId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                      return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate34.errors = vErrors, !1;
                    }
                    var valid0 = _errs10 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.zone !== void 0) {
                      let data5 = data.zone, _errs16 = errors;
                      if (errors === _errs16)
                        if (typeof data5 == "string") {
                          if (func2(data5) > 60)
                            return validate34.errors = [{ instancePath: instancePath + "/zone", schemaPath: "#/properties/zone/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" }], !1;
                        } else
                          return validate34.errors = [{ instancePath: instancePath + "/zone", schemaPath: "#/properties/zone/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      var valid0 = _errs16 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0) {
                      if (data.startedOn !== void 0) {
                        let data6 = data.startedOn, _errs18 = errors;
                        if (errors === _errs18 && errors === _errs18)
                          if (typeof data6 == "string") {
                            if (!formats0.test(data6))
                              return validate34.errors = [{ instancePath: instancePath + "/startedOn", schemaPath: "#/properties/startedOn/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                          } else
                            return validate34.errors = [{ instancePath: instancePath + "/startedOn", schemaPath: "#/properties/startedOn/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid0 = _errs18 === errors;
                      } else
                        var valid0 = !0;
                      if (valid0)
                        if (data.position !== void 0) {
                          let data7 = data.position, _errs20 = errors;
                          if (errors === _errs20)
                            if (data7 && typeof data7 == "object" && !Array.isArray(data7)) {
                              let missing1;
                              if (data7.id === void 0 && (missing1 = "id") || data7.from === void 0 && (missing1 = "from"))
                                return validate34.errors = [{ instancePath: instancePath + "/position", schemaPath: "#/properties/position/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                              {
                                let _errs22 = errors;
                                for (let key1 in data7)
                                  if (!(key1 === "id" || key1 === "from")) {
                                    return validate34.errors = [{ instancePath: instancePath + "/position", schemaPath: "#/properties/position/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                                    break;
                                  }
                                if (_errs22 === errors) {
                                  if (data7.id !== void 0) {
                                    let data8 = data7.id, _errs23 = errors, _errs24 = errors, valid3 = !1, _errs25 = errors;
                                    if (errors === _errs25 && errors === _errs25)
                                      if (typeof data8 == "string") {
                                        if (!formats4.test(data8)) {
                                          let err4 = { instancePath: instancePath + "/position/id", schemaPath: "#/properties/position/properties/id/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                                          vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                                        }
                                      } else {
                                        let err5 = { instancePath: instancePath + "/position/id", schemaPath: "#/properties/position/properties/id/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                        vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                                      }
                                    var _valid1 = _errs25 === errors;
                                    valid3 = valid3 || _valid1;
                                    let _errs27 = errors;
                                    if (data8 !== null) {
                                      let err6 = { instancePath: instancePath + "/position/id", schemaPath: "#/properties/position/properties/id/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                      vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                                    }
                                    var _valid1 = _errs27 === errors;
                                    if (valid3 = valid3 || _valid1, valid3)
                                      errors = _errs24, vErrors !== null && (_errs24 ? vErrors.length = _errs24 : vErrors = null);
                                    else {
                                      let err7 = { instancePath: instancePath + "/position/id", schemaPath: "#/properties/position/properties/id/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                      return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate34.errors = vErrors, !1;
                                    }
                                    var valid2 = _errs23 === errors;
                                  } else
                                    var valid2 = !0;
                                  if (valid2)
                                    if (data7.from !== void 0) {
                                      let data9 = data7.from, _errs29 = errors;
                                      if (errors === _errs29 && errors === _errs29)
                                        if (typeof data9 == "string") {
                                          if (!formats0.test(data9))
                                            return validate34.errors = [{ instancePath: instancePath + "/position/from", schemaPath: "#/properties/position/properties/from/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                                        } else
                                          return validate34.errors = [{ instancePath: instancePath + "/position/from", schemaPath: "#/properties/position/properties/from/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                      var valid2 = _errs29 === errors;
                                    } else
                                      var valid2 = !0;
                                }
                              }
                            } else
                              return validate34.errors = [{ instancePath: instancePath + "/position", schemaPath: "#/properties/position/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                          var valid0 = _errs20 === errors;
                        } else
                          var valid0 = !0;
                    }
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate34.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate34.errors = vErrors, errors === 0;
}
validate34.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changePreferences = validate35, schema46 = { type: "object", required: ["theme", "durationForm"], properties: { theme: { type: "string", enum: ["light", "dark", "system"] }, durationForm: { type: "string", enum: ["clock", "decimal"] }, forms: { type: "object", required: ["dates", "clock", "numbers"], properties: { dates: { anyOf: [{ type: "string", enum: ["day first", "month first", "year first"] }, { type: "null" }] }, clock: { anyOf: [{ type: "string", enum: ["24 hours", "12 hours"] }, { type: "null" }] }, numbers: { anyOf: [{ type: "string", enum: ["comma point", "point comma", "space comma", "apostrophe point"] }, { type: "null" }] } }, additionalProperties: !1 } }, additionalProperties: !1 };
function validate35(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate35.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.theme === void 0 && (missing0 = "theme") || data.durationForm === void 0 && (missing0 = "durationForm"))
        return validate35.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "theme" || key0 === "durationForm" || key0 === "forms")) {
            return validate35.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.theme !== void 0) {
            let data0 = data.theme, _errs2 = errors;
            if (typeof data0 != "string")
              return validate35.errors = [{ instancePath: instancePath + "/theme", schemaPath: "#/properties/theme/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            if (!(data0 === "light" || data0 === "dark" || data0 === "system"))
              return validate35.errors = [{ instancePath: instancePath + "/theme", schemaPath: "#/properties/theme/enum", keyword: "enum", params: { allowedValues: schema46.properties.theme.enum }, message: "must be equal to one of the allowed values" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.durationForm !== void 0) {
              let data1 = data.durationForm, _errs4 = errors;
              if (typeof data1 != "string")
                return validate35.errors = [{ instancePath: instancePath + "/durationForm", schemaPath: "#/properties/durationForm/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              if (!(data1 === "clock" || data1 === "decimal"))
                return validate35.errors = [{ instancePath: instancePath + "/durationForm", schemaPath: "#/properties/durationForm/enum", keyword: "enum", params: { allowedValues: schema46.properties.durationForm.enum }, message: "must be equal to one of the allowed values" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.forms !== void 0) {
                let data2 = data.forms, _errs6 = errors;
                if (errors === _errs6)
                  if (data2 && typeof data2 == "object" && !Array.isArray(data2)) {
                    let missing1;
                    if (data2.dates === void 0 && (missing1 = "dates") || data2.clock === void 0 && (missing1 = "clock") || data2.numbers === void 0 && (missing1 = "numbers"))
                      return validate35.errors = [{ instancePath: instancePath + "/forms", schemaPath: "#/properties/forms/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                    {
                      let _errs8 = errors;
                      for (let key1 in data2)
                        if (!(key1 === "dates" || key1 === "clock" || key1 === "numbers")) {
                          return validate35.errors = [{ instancePath: instancePath + "/forms", schemaPath: "#/properties/forms/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                          break;
                        }
                      if (_errs8 === errors) {
                        if (data2.dates !== void 0) {
                          let data3 = data2.dates, _errs9 = errors, _errs10 = errors, valid2 = !1, _errs11 = errors;
                          if (typeof data3 != "string") {
                            let err0 = { instancePath: instancePath + "/forms/dates", schemaPath: "#/properties/forms/properties/dates/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                          }
                          if (!(data3 === "day first" || data3 === "month first" || data3 === "year first")) {
                            let err1 = { instancePath: instancePath + "/forms/dates", schemaPath: "#/properties/forms/properties/dates/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema46.properties.forms.properties.dates.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                            vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                          }
                          var _valid0 = _errs11 === errors;
                          valid2 = valid2 || _valid0;
                          let _errs13 = errors;
                          if (data3 !== null) {
                            let err2 = { instancePath: instancePath + "/forms/dates", schemaPath: "#/properties/forms/properties/dates/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                            vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                          }
                          var _valid0 = _errs13 === errors;
                          if (valid2 = valid2 || _valid0, valid2)
                            errors = _errs10, vErrors !== null && (_errs10 ? vErrors.length = _errs10 : vErrors = null);
                          else {
                            let err3 = { instancePath: instancePath + "/forms/dates", schemaPath: "#/properties/forms/properties/dates/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                            return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate35.errors = vErrors, !1;
                          }
                          var valid1 = _errs9 === errors;
                        } else
                          var valid1 = !0;
                        if (valid1) {
                          if (data2.clock !== void 0) {
                            let data4 = data2.clock, _errs15 = errors, _errs16 = errors, valid3 = !1, _errs17 = errors;
                            if (typeof data4 != "string") {
                              let err4 = { instancePath: instancePath + "/forms/clock", schemaPath: "#/properties/forms/properties/clock/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                              vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                            }
                            if (!(data4 === "24 hours" || data4 === "12 hours")) {
                              let err5 = { instancePath: instancePath + "/forms/clock", schemaPath: "#/properties/forms/properties/clock/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema46.properties.forms.properties.clock.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                              vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                            }
                            var _valid1 = _errs17 === errors;
                            valid3 = valid3 || _valid1;
                            let _errs19 = errors;
                            if (data4 !== null) {
                              let err6 = { instancePath: instancePath + "/forms/clock", schemaPath: "#/properties/forms/properties/clock/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                              vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                            }
                            var _valid1 = _errs19 === errors;
                            if (valid3 = valid3 || _valid1, valid3)
                              errors = _errs16, vErrors !== null && (_errs16 ? vErrors.length = _errs16 : vErrors = null);
                            else {
                              let err7 = { instancePath: instancePath + "/forms/clock", schemaPath: "#/properties/forms/properties/clock/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                              return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate35.errors = vErrors, !1;
                            }
                            var valid1 = _errs15 === errors;
                          } else
                            var valid1 = !0;
                          if (valid1)
                            if (data2.numbers !== void 0) {
                              let data5 = data2.numbers, _errs21 = errors, _errs22 = errors, valid4 = !1, _errs23 = errors;
                              if (typeof data5 != "string") {
                                let err8 = { instancePath: instancePath + "/forms/numbers", schemaPath: "#/properties/forms/properties/numbers/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                              }
                              if (!(data5 === "comma point" || data5 === "point comma" || data5 === "space comma" || data5 === "apostrophe point")) {
                                let err9 = { instancePath: instancePath + "/forms/numbers", schemaPath: "#/properties/forms/properties/numbers/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema46.properties.forms.properties.numbers.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                              }
                              var _valid2 = _errs23 === errors;
                              valid4 = valid4 || _valid2;
                              let _errs25 = errors;
                              if (data5 !== null) {
                                let err10 = { instancePath: instancePath + "/forms/numbers", schemaPath: "#/properties/forms/properties/numbers/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                              }
                              var _valid2 = _errs25 === errors;
                              if (valid4 = valid4 || _valid2, valid4)
                                errors = _errs22, vErrors !== null && (_errs22 ? vErrors.length = _errs22 : vErrors = null);
                              else {
                                let err11 = { instancePath: instancePath + "/forms/numbers", schemaPath: "#/properties/forms/properties/numbers/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                return vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++, validate35.errors = vErrors, !1;
                              }
                              var valid1 = _errs21 === errors;
                            } else
                              var valid1 = !0;
                        }
                      }
                    }
                  } else
                    return validate35.errors = [{ instancePath: instancePath + "/forms", schemaPath: "#/properties/forms/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate35.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate35.errors = vErrors, errors === 0;
}
validate35.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeRecording = validate36, schema47 = { type: "object", required: ["ways", "dayMaximum", "weekMaximum"], properties: { ways: { anyOf: [{ type: "array", items: { type: "string", enum: ["timer", "length", "span"] }, minItems: 1, maxItems: 3, uniqueItems: !0 }, { type: "null" }] }, dayMaximum: { anyOf: [{ type: "integer", minimum: 60, maximum: 604800 }, { type: "null" }] }, weekMaximum: { anyOf: [{ type: "integer", minimum: 60, maximum: 604800 }, { type: "null" }] }, planned: { type: "object", required: ["hours", "dayStart", "dayEnd", "from"], properties: { hours: { type: "array", items: { type: "integer", minimum: 0, maximum: 86400 }, minItems: 7, maxItems: 7 }, dayStart: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, dayEnd: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, from: { type: "string", format: "date" } }, additionalProperties: !1 } }, additionalProperties: !1 }, pattern7 = new RegExp("^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$", "u");
function validate36(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate36.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.ways === void 0 && (missing0 = "ways") || data.dayMaximum === void 0 && (missing0 = "dayMaximum") || data.weekMaximum === void 0 && (missing0 = "weekMaximum"))
        return validate36.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "ways" || key0 === "dayMaximum" || key0 === "weekMaximum" || key0 === "planned")) {
            return validate36.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.ways !== void 0) {
            let data0 = data.ways, _errs2 = errors, _errs3 = errors, valid1 = !1, _errs4 = errors;
            if (errors === _errs4)
              if (Array.isArray(data0))
                if (data0.length > 3) {
                  let err0 = { instancePath: instancePath + "/ways", schemaPath: "#/properties/ways/anyOf/0/maxItems", keyword: "maxItems", params: { limit: 3 }, message: "must NOT have more than 3 items" };
                  vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                } else if (data0.length < 1) {
                  let err1 = { instancePath: instancePath + "/ways", schemaPath: "#/properties/ways/anyOf/0/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" };
                  vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                } else {
                  var valid2 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs6 = errors;
                    if (typeof data1 != "string") {
                      let err2 = { instancePath: instancePath + "/ways/" + i0, schemaPath: "#/properties/ways/anyOf/0/items/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                      vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                    }
                    if (!(data1 === "timer" || data1 === "length" || data1 === "span")) {
                      let err3 = { instancePath: instancePath + "/ways/" + i0, schemaPath: "#/properties/ways/anyOf/0/items/enum", keyword: "enum", params: { allowedValues: schema47.properties.ways.anyOf[0].items.enum }, message: "must be equal to one of the allowed values" };
                      vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                    }
                    var valid2 = _errs6 === errors;
                    if (!valid2)
                      break;
                  }
                  if (valid2) {
                    let i1 = data0.length, j0;
                    if (i1 > 1) {
                      let indices0 = {};
                      for (; i1--; ) {
                        let item0 = data0[i1];
                        if (typeof item0 == "string") {
                          if (typeof indices0[item0] == "number") {
                            j0 = indices0[item0];
                            let err4 = { instancePath: instancePath + "/ways", schemaPath: "#/properties/ways/anyOf/0/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" };
                            vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                            break;
                          }
                          indices0[item0] = i1;
                        }
                      }
                    }
                  }
                }
              else {
                let err5 = { instancePath: instancePath + "/ways", schemaPath: "#/properties/ways/anyOf/0/type", keyword: "type", params: { type: "array" }, message: "must be array" };
                vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
              }
            var _valid0 = _errs4 === errors;
            valid1 = valid1 || _valid0;
            let _errs8 = errors;
            if (data0 !== null) {
              let err6 = { instancePath: instancePath + "/ways", schemaPath: "#/properties/ways/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
              vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
            }
            var _valid0 = _errs8 === errors;
            if (valid1 = valid1 || _valid0, valid1)
              errors = _errs3, vErrors !== null && (_errs3 ? vErrors.length = _errs3 : vErrors = null);
            else {
              let err7 = { instancePath: instancePath + "/ways", schemaPath: "#/properties/ways/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
              return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate36.errors = vErrors, !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.dayMaximum !== void 0) {
              let data2 = data.dayMaximum, _errs10 = errors, _errs11 = errors, valid4 = !1, _errs12 = errors;
              if (!(typeof data2 == "number" && !(data2 % 1) && !isNaN(data2) && isFinite(data2))) {
                let err8 = { instancePath: instancePath + "/dayMaximum", schemaPath: "#/properties/dayMaximum/anyOf/0/type", keyword: "type", params: { type: "integer" }, message: "must be integer" };
                vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
              }
              if (errors === _errs12 && typeof data2 == "number" && isFinite(data2)) {
                if (data2 > 604800 || isNaN(data2)) {
                  let err9 = { instancePath: instancePath + "/dayMaximum", schemaPath: "#/properties/dayMaximum/anyOf/0/maximum", keyword: "maximum", params: { comparison: "<=", limit: 604800 }, message: "must be <= 604800" };
                  vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                } else if (data2 < 60 || isNaN(data2)) {
                  let err10 = { instancePath: instancePath + "/dayMaximum", schemaPath: "#/properties/dayMaximum/anyOf/0/minimum", keyword: "minimum", params: { comparison: ">=", limit: 60 }, message: "must be >= 60" };
                  vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                }
              }
              var _valid1 = _errs12 === errors;
              valid4 = valid4 || _valid1;
              let _errs14 = errors;
              if (data2 !== null) {
                let err11 = { instancePath: instancePath + "/dayMaximum", schemaPath: "#/properties/dayMaximum/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++;
              }
              var _valid1 = _errs14 === errors;
              if (valid4 = valid4 || _valid1, valid4)
                errors = _errs11, vErrors !== null && (_errs11 ? vErrors.length = _errs11 : vErrors = null);
              else {
                let err12 = { instancePath: instancePath + "/dayMaximum", schemaPath: "#/properties/dayMaximum/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++, validate36.errors = vErrors, !1;
              }
              var valid0 = _errs10 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.weekMaximum !== void 0) {
                let data3 = data.weekMaximum, _errs16 = errors, _errs17 = errors, valid5 = !1, _errs18 = errors;
                if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3))) {
                  let err13 = { instancePath: instancePath + "/weekMaximum", schemaPath: "#/properties/weekMaximum/anyOf/0/type", keyword: "type", params: { type: "integer" }, message: "must be integer" };
                  vErrors === null ? vErrors = [err13] : vErrors.push(err13), errors++;
                }
                if (errors === _errs18 && typeof data3 == "number" && isFinite(data3)) {
                  if (data3 > 604800 || isNaN(data3)) {
                    let err14 = { instancePath: instancePath + "/weekMaximum", schemaPath: "#/properties/weekMaximum/anyOf/0/maximum", keyword: "maximum", params: { comparison: "<=", limit: 604800 }, message: "must be <= 604800" };
                    vErrors === null ? vErrors = [err14] : vErrors.push(err14), errors++;
                  } else if (data3 < 60 || isNaN(data3)) {
                    let err15 = { instancePath: instancePath + "/weekMaximum", schemaPath: "#/properties/weekMaximum/anyOf/0/minimum", keyword: "minimum", params: { comparison: ">=", limit: 60 }, message: "must be >= 60" };
                    vErrors === null ? vErrors = [err15] : vErrors.push(err15), errors++;
                  }
                }
                var _valid2 = _errs18 === errors;
                valid5 = valid5 || _valid2;
                let _errs20 = errors;
                if (data3 !== null) {
                  let err16 = { instancePath: instancePath + "/weekMaximum", schemaPath: "#/properties/weekMaximum/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                  vErrors === null ? vErrors = [err16] : vErrors.push(err16), errors++;
                }
                var _valid2 = _errs20 === errors;
                if (valid5 = valid5 || _valid2, valid5)
                  errors = _errs17, vErrors !== null && (_errs17 ? vErrors.length = _errs17 : vErrors = null);
                else {
                  let err17 = { instancePath: instancePath + "/weekMaximum", schemaPath: "#/properties/weekMaximum/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err17] : vErrors.push(err17), errors++, validate36.errors = vErrors, !1;
                }
                var valid0 = _errs16 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.planned !== void 0) {
                  let data4 = data.planned, _errs22 = errors;
                  if (errors === _errs22)
                    if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
                      let missing1;
                      if (data4.hours === void 0 && (missing1 = "hours") || data4.dayStart === void 0 && (missing1 = "dayStart") || data4.dayEnd === void 0 && (missing1 = "dayEnd") || data4.from === void 0 && (missing1 = "from"))
                        return validate36.errors = [{ instancePath: instancePath + "/planned", schemaPath: "#/properties/planned/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                      {
                        let _errs24 = errors;
                        for (let key1 in data4)
                          if (!(key1 === "hours" || key1 === "dayStart" || key1 === "dayEnd" || key1 === "from")) {
                            return validate36.errors = [{ instancePath: instancePath + "/planned", schemaPath: "#/properties/planned/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                            break;
                          }
                        if (_errs24 === errors) {
                          if (data4.hours !== void 0) {
                            let data5 = data4.hours, _errs25 = errors;
                            if (errors === _errs25)
                              if (Array.isArray(data5)) {
                                if (data5.length > 7)
                                  return validate36.errors = [{ instancePath: instancePath + "/planned/hours", schemaPath: "#/properties/planned/properties/hours/maxItems", keyword: "maxItems", params: { limit: 7 }, message: "must NOT have more than 7 items" }], !1;
                                if (data5.length < 7)
                                  return validate36.errors = [{ instancePath: instancePath + "/planned/hours", schemaPath: "#/properties/planned/properties/hours/minItems", keyword: "minItems", params: { limit: 7 }, message: "must NOT have fewer than 7 items" }], !1;
                                {
                                  var valid7 = !0;
                                  let len1 = data5.length;
                                  for (let i2 = 0; i2 < len1; i2++) {
                                    let data6 = data5[i2], _errs27 = errors;
                                    if (!(typeof data6 == "number" && !(data6 % 1) && !isNaN(data6) && isFinite(data6)))
                                      return validate36.errors = [{ instancePath: instancePath + "/planned/hours/" + i2, schemaPath: "#/properties/planned/properties/hours/items/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                    if (errors === _errs27 && typeof data6 == "number" && isFinite(data6)) {
                                      if (data6 > 86400 || isNaN(data6))
                                        return validate36.errors = [{ instancePath: instancePath + "/planned/hours/" + i2, schemaPath: "#/properties/planned/properties/hours/items/maximum", keyword: "maximum", params: { comparison: "<=", limit: 86400 }, message: "must be <= 86400" }], !1;
                                      if (data6 < 0 || isNaN(data6))
                                        return validate36.errors = [{ instancePath: instancePath + "/planned/hours/" + i2, schemaPath: "#/properties/planned/properties/hours/items/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" }], !1;
                                    }
                                    var valid7 = _errs27 === errors;
                                    if (!valid7)
                                      break;
                                  }
                                }
                              } else
                                return validate36.errors = [{ instancePath: instancePath + "/planned/hours", schemaPath: "#/properties/planned/properties/hours/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                            var valid6 = _errs25 === errors;
                          } else
                            var valid6 = !0;
                          if (valid6) {
                            if (data4.dayStart !== void 0) {
                              let data7 = data4.dayStart, _errs29 = errors;
                              if (errors === _errs29)
                                if (typeof data7 == "string") {
                                  if (!pattern7.test(data7))
                                    return validate36.errors = [{ instancePath: instancePath + "/planned/dayStart", schemaPath: "#/properties/planned/properties/dayStart/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' }], !1;
                                } else
                                  return validate36.errors = [{ instancePath: instancePath + "/planned/dayStart", schemaPath: "#/properties/planned/properties/dayStart/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid6 = _errs29 === errors;
                            } else
                              var valid6 = !0;
                            if (valid6) {
                              if (data4.dayEnd !== void 0) {
                                let data8 = data4.dayEnd, _errs31 = errors;
                                if (errors === _errs31)
                                  if (typeof data8 == "string") {
                                    if (!pattern7.test(data8))
                                      return validate36.errors = [{ instancePath: instancePath + "/planned/dayEnd", schemaPath: "#/properties/planned/properties/dayEnd/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' }], !1;
                                  } else
                                    return validate36.errors = [{ instancePath: instancePath + "/planned/dayEnd", schemaPath: "#/properties/planned/properties/dayEnd/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid6 = _errs31 === errors;
                              } else
                                var valid6 = !0;
                              if (valid6)
                                if (data4.from !== void 0) {
                                  let data9 = data4.from, _errs33 = errors;
                                  if (errors === _errs33 && errors === _errs33)
                                    if (typeof data9 == "string") {
                                      if (!formats0.test(data9))
                                        return validate36.errors = [{ instancePath: instancePath + "/planned/from", schemaPath: "#/properties/planned/properties/from/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                                    } else
                                      return validate36.errors = [{ instancePath: instancePath + "/planned/from", schemaPath: "#/properties/planned/properties/from/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  var valid6 = _errs33 === errors;
                                } else
                                  var valid6 = !0;
                            }
                          }
                        }
                      }
                    } else
                      return validate36.errors = [{ instancePath: instancePath + "/planned", schemaPath: "#/properties/planned/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                  var valid0 = _errs22 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate36.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate36.errors = vErrors, errors === 0;
}
validate36.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeRole = validate37, schema48 = { type: "object", required: ["name", "rights"], properties: { name: { type: "string", minLength: 1, maxLength: 60, pattern: "\\S" }, rights: { type: "object", properties: { "time.record": { type: "string", enum: ["own", "project", "team", "firm"] }, "time.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "time.correct": { type: "string", enum: ["own", "project", "team", "firm"] }, "time.review": { type: "string", enum: ["own", "project", "team", "firm"] }, "work.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "values.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "cost.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "pay.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "entries.price": { type: "string", enum: ["own", "project", "team", "firm"] }, "agreements.change": { type: "string", enum: ["own", "project", "team", "firm"] }, "invoices.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "invoices.issue": { type: "string", enum: ["own", "project", "team", "firm"] }, "payments.record": { type: "string", enum: ["own", "project", "team", "firm"] }, "results.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "history.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "people.change": { type: "string", enum: ["own", "project", "team", "firm"] }, "work.change": { type: "string", enum: ["own", "project", "team", "firm"] }, "firm.change": { type: "string", enum: ["own", "project", "team", "firm"] } }, additionalProperties: !1 } }, additionalProperties: !1 };
function validate37(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate37.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.rights === void 0 && (missing0 = "rights"))
        return validate37.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "rights")) {
            return validate37.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 60)
                  return validate37.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" }], !1;
                if (func2(data0) < 1)
                  return validate37.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate37.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate37.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.rights !== void 0) {
              let data1 = data.rights, _errs4 = errors;
              if (errors === _errs4)
                if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                  let _errs6 = errors;
                  for (let key1 in data1)
                    if (!func1.call(schema48.properties.rights.properties, key1)) {
                      return validate37.errors = [{ instancePath: instancePath + "/rights", schemaPath: "#/properties/rights/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                      break;
                    }
                  if (_errs6 === errors) {
                    if (data1["time.record"] !== void 0) {
                      let data2 = data1["time.record"], _errs7 = errors;
                      if (typeof data2 != "string")
                        return validate37.errors = [{ instancePath: instancePath + "/rights/time.record", schemaPath: "#/properties/rights/properties/time.record/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      if (!(data2 === "own" || data2 === "project" || data2 === "team" || data2 === "firm"))
                        return validate37.errors = [{ instancePath: instancePath + "/rights/time.record", schemaPath: "#/properties/rights/properties/time.record/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["time.record"].enum }, message: "must be equal to one of the allowed values" }], !1;
                      var valid1 = _errs7 === errors;
                    } else
                      var valid1 = !0;
                    if (valid1) {
                      if (data1["time.read"] !== void 0) {
                        let data3 = data1["time.read"], _errs9 = errors;
                        if (typeof data3 != "string")
                          return validate37.errors = [{ instancePath: instancePath + "/rights/time.read", schemaPath: "#/properties/rights/properties/time.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        if (!(data3 === "own" || data3 === "project" || data3 === "team" || data3 === "firm"))
                          return validate37.errors = [{ instancePath: instancePath + "/rights/time.read", schemaPath: "#/properties/rights/properties/time.read/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["time.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                        var valid1 = _errs9 === errors;
                      } else
                        var valid1 = !0;
                      if (valid1) {
                        if (data1["time.correct"] !== void 0) {
                          let data4 = data1["time.correct"], _errs11 = errors;
                          if (typeof data4 != "string")
                            return validate37.errors = [{ instancePath: instancePath + "/rights/time.correct", schemaPath: "#/properties/rights/properties/time.correct/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          if (!(data4 === "own" || data4 === "project" || data4 === "team" || data4 === "firm"))
                            return validate37.errors = [{ instancePath: instancePath + "/rights/time.correct", schemaPath: "#/properties/rights/properties/time.correct/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["time.correct"].enum }, message: "must be equal to one of the allowed values" }], !1;
                          var valid1 = _errs11 === errors;
                        } else
                          var valid1 = !0;
                        if (valid1) {
                          if (data1["time.review"] !== void 0) {
                            let data5 = data1["time.review"], _errs13 = errors;
                            if (typeof data5 != "string")
                              return validate37.errors = [{ instancePath: instancePath + "/rights/time.review", schemaPath: "#/properties/rights/properties/time.review/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                            if (!(data5 === "own" || data5 === "project" || data5 === "team" || data5 === "firm"))
                              return validate37.errors = [{ instancePath: instancePath + "/rights/time.review", schemaPath: "#/properties/rights/properties/time.review/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["time.review"].enum }, message: "must be equal to one of the allowed values" }], !1;
                            var valid1 = _errs13 === errors;
                          } else
                            var valid1 = !0;
                          if (valid1) {
                            if (data1["work.read"] !== void 0) {
                              let data6 = data1["work.read"], _errs15 = errors;
                              if (typeof data6 != "string")
                                return validate37.errors = [{ instancePath: instancePath + "/rights/work.read", schemaPath: "#/properties/rights/properties/work.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              if (!(data6 === "own" || data6 === "project" || data6 === "team" || data6 === "firm"))
                                return validate37.errors = [{ instancePath: instancePath + "/rights/work.read", schemaPath: "#/properties/rights/properties/work.read/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["work.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                              var valid1 = _errs15 === errors;
                            } else
                              var valid1 = !0;
                            if (valid1) {
                              if (data1["values.read"] !== void 0) {
                                let data7 = data1["values.read"], _errs17 = errors;
                                if (typeof data7 != "string")
                                  return validate37.errors = [{ instancePath: instancePath + "/rights/values.read", schemaPath: "#/properties/rights/properties/values.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                if (!(data7 === "own" || data7 === "project" || data7 === "team" || data7 === "firm"))
                                  return validate37.errors = [{ instancePath: instancePath + "/rights/values.read", schemaPath: "#/properties/rights/properties/values.read/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["values.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                var valid1 = _errs17 === errors;
                              } else
                                var valid1 = !0;
                              if (valid1) {
                                if (data1["cost.read"] !== void 0) {
                                  let data8 = data1["cost.read"], _errs19 = errors;
                                  if (typeof data8 != "string")
                                    return validate37.errors = [{ instancePath: instancePath + "/rights/cost.read", schemaPath: "#/properties/rights/properties/cost.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  if (!(data8 === "own" || data8 === "project" || data8 === "team" || data8 === "firm"))
                                    return validate37.errors = [{ instancePath: instancePath + "/rights/cost.read", schemaPath: "#/properties/rights/properties/cost.read/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["cost.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                  var valid1 = _errs19 === errors;
                                } else
                                  var valid1 = !0;
                                if (valid1) {
                                  if (data1["pay.read"] !== void 0) {
                                    let data9 = data1["pay.read"], _errs21 = errors;
                                    if (typeof data9 != "string")
                                      return validate37.errors = [{ instancePath: instancePath + "/rights/pay.read", schemaPath: "#/properties/rights/properties/pay.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                    if (!(data9 === "own" || data9 === "project" || data9 === "team" || data9 === "firm"))
                                      return validate37.errors = [{ instancePath: instancePath + "/rights/pay.read", schemaPath: "#/properties/rights/properties/pay.read/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["pay.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                    var valid1 = _errs21 === errors;
                                  } else
                                    var valid1 = !0;
                                  if (valid1) {
                                    if (data1["entries.price"] !== void 0) {
                                      let data10 = data1["entries.price"], _errs23 = errors;
                                      if (typeof data10 != "string")
                                        return validate37.errors = [{ instancePath: instancePath + "/rights/entries.price", schemaPath: "#/properties/rights/properties/entries.price/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                      if (!(data10 === "own" || data10 === "project" || data10 === "team" || data10 === "firm"))
                                        return validate37.errors = [{ instancePath: instancePath + "/rights/entries.price", schemaPath: "#/properties/rights/properties/entries.price/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["entries.price"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                      var valid1 = _errs23 === errors;
                                    } else
                                      var valid1 = !0;
                                    if (valid1) {
                                      if (data1["agreements.change"] !== void 0) {
                                        let data11 = data1["agreements.change"], _errs25 = errors;
                                        if (typeof data11 != "string")
                                          return validate37.errors = [{ instancePath: instancePath + "/rights/agreements.change", schemaPath: "#/properties/rights/properties/agreements.change/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                        if (!(data11 === "own" || data11 === "project" || data11 === "team" || data11 === "firm"))
                                          return validate37.errors = [{ instancePath: instancePath + "/rights/agreements.change", schemaPath: "#/properties/rights/properties/agreements.change/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["agreements.change"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                        var valid1 = _errs25 === errors;
                                      } else
                                        var valid1 = !0;
                                      if (valid1) {
                                        if (data1["invoices.read"] !== void 0) {
                                          let data12 = data1["invoices.read"], _errs27 = errors;
                                          if (typeof data12 != "string")
                                            return validate37.errors = [{ instancePath: instancePath + "/rights/invoices.read", schemaPath: "#/properties/rights/properties/invoices.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                          if (!(data12 === "own" || data12 === "project" || data12 === "team" || data12 === "firm"))
                                            return validate37.errors = [{ instancePath: instancePath + "/rights/invoices.read", schemaPath: "#/properties/rights/properties/invoices.read/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["invoices.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                          var valid1 = _errs27 === errors;
                                        } else
                                          var valid1 = !0;
                                        if (valid1) {
                                          if (data1["invoices.issue"] !== void 0) {
                                            let data13 = data1["invoices.issue"], _errs29 = errors;
                                            if (typeof data13 != "string")
                                              return validate37.errors = [{ instancePath: instancePath + "/rights/invoices.issue", schemaPath: "#/properties/rights/properties/invoices.issue/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                            if (!(data13 === "own" || data13 === "project" || data13 === "team" || data13 === "firm"))
                                              return validate37.errors = [{ instancePath: instancePath + "/rights/invoices.issue", schemaPath: "#/properties/rights/properties/invoices.issue/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["invoices.issue"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                            var valid1 = _errs29 === errors;
                                          } else
                                            var valid1 = !0;
                                          if (valid1) {
                                            if (data1["payments.record"] !== void 0) {
                                              let data14 = data1["payments.record"], _errs31 = errors;
                                              if (typeof data14 != "string")
                                                return validate37.errors = [{ instancePath: instancePath + "/rights/payments.record", schemaPath: "#/properties/rights/properties/payments.record/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                              if (!(data14 === "own" || data14 === "project" || data14 === "team" || data14 === "firm"))
                                                return validate37.errors = [{ instancePath: instancePath + "/rights/payments.record", schemaPath: "#/properties/rights/properties/payments.record/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["payments.record"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                              var valid1 = _errs31 === errors;
                                            } else
                                              var valid1 = !0;
                                            if (valid1) {
                                              if (data1["results.read"] !== void 0) {
                                                let data15 = data1["results.read"], _errs33 = errors;
                                                if (typeof data15 != "string")
                                                  return validate37.errors = [{ instancePath: instancePath + "/rights/results.read", schemaPath: "#/properties/rights/properties/results.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                if (!(data15 === "own" || data15 === "project" || data15 === "team" || data15 === "firm"))
                                                  return validate37.errors = [{ instancePath: instancePath + "/rights/results.read", schemaPath: "#/properties/rights/properties/results.read/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["results.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                                var valid1 = _errs33 === errors;
                                              } else
                                                var valid1 = !0;
                                              if (valid1) {
                                                if (data1["history.read"] !== void 0) {
                                                  let data16 = data1["history.read"], _errs35 = errors;
                                                  if (typeof data16 != "string")
                                                    return validate37.errors = [{ instancePath: instancePath + "/rights/history.read", schemaPath: "#/properties/rights/properties/history.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                  if (!(data16 === "own" || data16 === "project" || data16 === "team" || data16 === "firm"))
                                                    return validate37.errors = [{ instancePath: instancePath + "/rights/history.read", schemaPath: "#/properties/rights/properties/history.read/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["history.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                                  var valid1 = _errs35 === errors;
                                                } else
                                                  var valid1 = !0;
                                                if (valid1) {
                                                  if (data1["people.change"] !== void 0) {
                                                    let data17 = data1["people.change"], _errs37 = errors;
                                                    if (typeof data17 != "string")
                                                      return validate37.errors = [{ instancePath: instancePath + "/rights/people.change", schemaPath: "#/properties/rights/properties/people.change/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                    if (!(data17 === "own" || data17 === "project" || data17 === "team" || data17 === "firm"))
                                                      return validate37.errors = [{ instancePath: instancePath + "/rights/people.change", schemaPath: "#/properties/rights/properties/people.change/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["people.change"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                                    var valid1 = _errs37 === errors;
                                                  } else
                                                    var valid1 = !0;
                                                  if (valid1) {
                                                    if (data1["work.change"] !== void 0) {
                                                      let data18 = data1["work.change"], _errs39 = errors;
                                                      if (typeof data18 != "string")
                                                        return validate37.errors = [{ instancePath: instancePath + "/rights/work.change", schemaPath: "#/properties/rights/properties/work.change/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                      if (!(data18 === "own" || data18 === "project" || data18 === "team" || data18 === "firm"))
                                                        return validate37.errors = [{ instancePath: instancePath + "/rights/work.change", schemaPath: "#/properties/rights/properties/work.change/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["work.change"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                                      var valid1 = _errs39 === errors;
                                                    } else
                                                      var valid1 = !0;
                                                    if (valid1)
                                                      if (data1["firm.change"] !== void 0) {
                                                        let data19 = data1["firm.change"], _errs41 = errors;
                                                        if (typeof data19 != "string")
                                                          return validate37.errors = [{ instancePath: instancePath + "/rights/firm.change", schemaPath: "#/properties/rights/properties/firm.change/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                        if (!(data19 === "own" || data19 === "project" || data19 === "team" || data19 === "firm"))
                                                          return validate37.errors = [{ instancePath: instancePath + "/rights/firm.change", schemaPath: "#/properties/rights/properties/firm.change/enum", keyword: "enum", params: { allowedValues: schema48.properties.rights.properties["firm.change"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                                        var valid1 = _errs41 === errors;
                                                      } else
                                                        var valid1 = !0;
                                                  }
                                                }
                                              }
                                            }
                                          }
                                        }
                                      }
                                    }
                                  }
                                }
                              }
                            }
                          }
                        }
                      }
                    }
                  }
                } else
                  return validate37.errors = [{ instancePath: instancePath + "/rights", schemaPath: "#/properties/rights/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate37.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate37.errors = vErrors, errors === 0;
}
validate37.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeRoles = validate38, schema49 = { type: "object", required: ["roles", "ownRoles"], properties: { roles: { type: "array", items: { type: "string", enum: ["owner", "administrator", "manager", "project manager", "bookkeeper", "staff", "auditor"] }, maxItems: 8, uniqueItems: !0 }, ownRoles: { type: "array", items: { type: "string", format: "uuid" }, maxItems: 50, uniqueItems: !0 } }, additionalProperties: !1 };
function validate38(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate38.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.roles === void 0 && (missing0 = "roles") || data.ownRoles === void 0 && (missing0 = "ownRoles"))
        return validate38.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "roles" || key0 === "ownRoles")) {
            return validate38.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.roles !== void 0) {
            let data0 = data.roles, _errs2 = errors;
            if (errors === _errs2)
              if (Array.isArray(data0)) {
                if (data0.length > 8)
                  return validate38.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/maxItems", keyword: "maxItems", params: { limit: 8 }, message: "must NOT have more than 8 items" }], !1;
                {
                  var valid1 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs4 = errors;
                    if (typeof data1 != "string")
                      return validate38.errors = [{ instancePath: instancePath + "/roles/" + i0, schemaPath: "#/properties/roles/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                    if (!(data1 === "owner" || data1 === "administrator" || data1 === "manager" || data1 === "project manager" || data1 === "bookkeeper" || data1 === "staff" || data1 === "auditor"))
                      return validate38.errors = [{ instancePath: instancePath + "/roles/" + i0, schemaPath: "#/properties/roles/items/enum", keyword: "enum", params: { allowedValues: schema49.properties.roles.items.enum }, message: "must be equal to one of the allowed values" }], !1;
                    var valid1 = _errs4 === errors;
                    if (!valid1)
                      break;
                  }
                  if (valid1) {
                    let i1 = data0.length, j0;
                    if (i1 > 1) {
                      let indices0 = {};
                      for (; i1--; ) {
                        let item0 = data0[i1];
                        if (typeof item0 == "string") {
                          if (typeof indices0[item0] == "number") {
                            return j0 = indices0[item0], validate38.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                            break;
                          }
                          indices0[item0] = i1;
                        }
                      }
                    }
                  }
                }
              } else
                return validate38.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.ownRoles !== void 0) {
              let data2 = data.ownRoles, _errs6 = errors;
              if (errors === _errs6)
                if (Array.isArray(data2)) {
                  if (data2.length > 50)
                    return validate38.errors = [{ instancePath: instancePath + "/ownRoles", schemaPath: "#/properties/ownRoles/maxItems", keyword: "maxItems", params: { limit: 50 }, message: "must NOT have more than 50 items" }], !1;
                  {
                    var valid3 = !0;
                    let len1 = data2.length;
                    for (let i2 = 0; i2 < len1; i2++) {
                      let data3 = data2[i2], _errs8 = errors;
                      if (errors === _errs8 && errors === _errs8)
                        if (typeof data3 == "string") {
                          if (!formats4.test(data3))
                            return validate38.errors = [{ instancePath: instancePath + "/ownRoles/" + i2, schemaPath: "#/properties/ownRoles/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                        } else
                          return validate38.errors = [{ instancePath: instancePath + "/ownRoles/" + i2, schemaPath: "#/properties/ownRoles/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      var valid3 = _errs8 === errors;
                      if (!valid3)
                        break;
                    }
                    if (valid3) {
                      let i3 = data2.length, j1;
                      if (i3 > 1) {
                        let indices1 = {};
                        for (; i3--; ) {
                          let item1 = data2[i3];
                          if (typeof item1 == "string") {
                            if (typeof indices1[item1] == "number") {
                              return j1 = indices1[item1], validate38.errors = [{ instancePath: instancePath + "/ownRoles", schemaPath: "#/properties/ownRoles/uniqueItems", keyword: "uniqueItems", params: { i: i3, j: j1 }, message: "must NOT have duplicate items (items ## " + j1 + " and " + i3 + " are identical)" }], !1;
                              break;
                            }
                            indices1[item1] = i3;
                          }
                        }
                      }
                    }
                  }
                } else
                  return validate38.errors = [{ instancePath: instancePath + "/ownRoles", schemaPath: "#/properties/ownRoles/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs6 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate38.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate38.errors = vErrors, errors === 0;
}
validate38.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeTeam = validate39;
function validate39(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate39.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.leadId === void 0 && (missing0 = "leadId") || data.people === void 0 && (missing0 = "people"))
        return validate39.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "leadId" || key0 === "people")) {
            return validate39.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 100)
                  return validate39.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func2(data0) < 1)
                  return validate39.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate39.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate39.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.leadId !== void 0) {
              let data1 = data.leadId, _errs4 = errors;
              if (errors === _errs4 && errors === _errs4)
                if (typeof data1 == "string") {
                  if (!formats4.test(data1))
                    return validate39.errors = [{ instancePath: instancePath + "/leadId", schemaPath: "#/properties/leadId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                } else
                  return validate39.errors = [{ instancePath: instancePath + "/leadId", schemaPath: "#/properties/leadId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.people !== void 0) {
                let data2 = data.people, _errs6 = errors;
                if (errors === _errs6)
                  if (Array.isArray(data2)) {
                    if (data2.length > 2e3)
                      return validate39.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                    {
                      var valid1 = !0;
                      let len0 = data2.length;
                      for (let i0 = 0; i0 < len0; i0++) {
                        let data3 = data2[i0], _errs8 = errors;
                        if (errors === _errs8 && errors === _errs8)
                          if (typeof data3 == "string") {
                            if (!formats4.test(data3))
                              return validate39.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                          } else
                            return validate39.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid1 = _errs8 === errors;
                        if (!valid1)
                          break;
                      }
                      if (valid1) {
                        let i1 = data2.length, j0;
                        if (i1 > 1) {
                          let indices0 = {};
                          for (; i1--; ) {
                            let item0 = data2[i1];
                            if (typeof item0 == "string") {
                              if (typeof indices0[item0] == "number") {
                                return j0 = indices0[item0], validate39.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                                break;
                              }
                              indices0[item0] = i1;
                            }
                          }
                        }
                      }
                    }
                  } else
                    return validate39.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate39.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate39.errors = vErrors, errors === 0;
}
validate39.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var confirmAddress = validate40;
var pattern32 = new RegExp("^[\\w-]+$", "u");
function validate40(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate40.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token"))
        return validate40.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "token") {
            return validate40.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.token !== void 0) {
          let data0 = data.token;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 100)
                return validate40.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
              if (func2(data0) < 1)
                return validate40.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern32.test(data0))
                return validate40.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
            } else
              return validate40.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate40.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate40.errors = vErrors, errors === 0;
}
validate40.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var confirmInstruction = validate41;
function validate41(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate41.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.version === void 0 && (missing0 = "version"))
        return validate41.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "version") {
            return validate41.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.version !== void 0) {
          let data0 = data.version, _errs2 = errors;
          if (!(typeof data0 == "number" && !(data0 % 1) && !isNaN(data0) && isFinite(data0)))
            return validate41.errors = [{ instancePath: instancePath + "/version", schemaPath: "#/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
          if (errors === _errs2 && typeof data0 == "number" && isFinite(data0)) {
            if (data0 > 2147483647 || isNaN(data0))
              return validate41.errors = [{ instancePath: instancePath + "/version", schemaPath: "#/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
            if (data0 < 1 || isNaN(data0))
              return validate41.errors = [{ instancePath: instancePath + "/version", schemaPath: "#/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
          }
        }
      }
    } else
      return validate41.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate41.errors = vErrors, errors === 0;
}
validate41.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var confirmSecondFactor = validate42;
var pattern33 = new RegExp("^[\\sA-Za-z0-9-]+$", "u");
function validate42(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate42.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.code === void 0 && (missing0 = "code"))
        return validate42.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "code") {
            return validate42.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.code !== void 0) {
          let data0 = data.code;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 40)
                return validate42.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
              if (func2(data0) < 6)
                return validate42.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/minLength", keyword: "minLength", params: { limit: 6 }, message: "must NOT have fewer than 6 characters" }], !1;
              if (!pattern33.test(data0))
                return validate42.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/pattern", keyword: "pattern", params: { pattern: "^[\\sA-Za-z0-9-]+$" }, message: 'must match pattern "^[\\sA-Za-z0-9-]+$"' }], !1;
            } else
              return validate42.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate42.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate42.errors = vErrors, errors === 0;
}
validate42.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var createGroup = validate43, schema54 = { type: "object", required: ["id", "kind", "name"], properties: { id: { type: "string", format: "uuid" }, kind: { type: "string", enum: ["position", "department"] }, name: { type: "string", minLength: 1, maxLength: 80, pattern: "\\S" } }, additionalProperties: !1 };
function validate43(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate43.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.kind === void 0 && (missing0 = "kind") || data.name === void 0 && (missing0 = "name"))
        return validate43.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "kind" || key0 === "name")) {
            return validate43.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate43.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate43.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.kind !== void 0) {
              let data1 = data.kind, _errs4 = errors;
              if (typeof data1 != "string")
                return validate43.errors = [{ instancePath: instancePath + "/kind", schemaPath: "#/properties/kind/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              if (!(data1 === "position" || data1 === "department"))
                return validate43.errors = [{ instancePath: instancePath + "/kind", schemaPath: "#/properties/kind/enum", keyword: "enum", params: { allowedValues: schema54.properties.kind.enum }, message: "must be equal to one of the allowed values" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.name !== void 0) {
                let data2 = data.name, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (func2(data2) > 80)
                      return validate43.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 80 }, message: "must NOT have more than 80 characters" }], !1;
                    if (func2(data2) < 1)
                      return validate43.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                    if (!pattern4.test(data2))
                      return validate43.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                  } else
                    return validate43.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate43.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate43.errors = vErrors, errors === 0;
}
validate43.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var createLink = validate44, schema55 = { type: "object", required: ["id", "token", "role", "teamId", "uses", "days"], properties: { id: { type: "string", format: "uuid" }, token: { type: "string", pattern: "^[\\w-]{43}$" }, role: { anyOf: [{ type: "string", enum: ["owner", "administrator", "manager", "project manager", "bookkeeper", "staff", "auditor"] }, { type: "string", format: "uuid" }] }, teamId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, uses: { type: "integer", minimum: 1, maximum: 200 }, days: { type: "integer", minimum: 1, maximum: 30 } }, additionalProperties: !1 }, pattern35 = new RegExp("^[\\w-]{43}$", "u");
function validate44(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate44.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.token === void 0 && (missing0 = "token") || data.role === void 0 && (missing0 = "role") || data.teamId === void 0 && (missing0 = "teamId") || data.uses === void 0 && (missing0 = "uses") || data.days === void 0 && (missing0 = "days"))
        return validate44.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "token" || key0 === "role" || key0 === "teamId" || key0 === "uses" || key0 === "days")) {
            return validate44.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate44.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate44.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.token !== void 0) {
              let data1 = data.token, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (!pattern35.test(data1))
                    return validate44.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]{43}$" }, message: 'must match pattern "^[\\w-]{43}$"' }], !1;
                } else
                  return validate44.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.role !== void 0) {
                let data2 = data.role, _errs6 = errors, _errs7 = errors, valid1 = !1, _errs8 = errors;
                if (typeof data2 != "string") {
                  let err0 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                  vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                }
                if (!(data2 === "owner" || data2 === "administrator" || data2 === "manager" || data2 === "project manager" || data2 === "bookkeeper" || data2 === "staff" || data2 === "auditor")) {
                  let err1 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema55.properties.role.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                  vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                }
                var _valid0 = _errs8 === errors;
                valid1 = valid1 || _valid0;
                let _errs10 = errors;
                if (errors === _errs10 && errors === _errs10)
                  if (typeof data2 == "string") {
                    if (!formats4.test(data2)) {
                      let err2 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/1/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                      vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                    }
                  } else {
                    let err3 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/1/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                    vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                  }
                var _valid0 = _errs10 === errors;
                if (valid1 = valid1 || _valid0, valid1)
                  errors = _errs7, vErrors !== null && (_errs7 ? vErrors.length = _errs7 : vErrors = null);
                else {
                  let err4 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++, validate44.errors = vErrors, !1;
                }
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.teamId !== void 0) {
                  let data3 = data.teamId, _errs12 = errors, _errs13 = errors, valid2 = !1, _errs14 = errors;
                  if (errors === _errs14 && errors === _errs14)
                    if (typeof data3 == "string") {
                      if (!formats4.test(data3)) {
                        let err5 = { instancePath: instancePath + "/teamId", schemaPath: "#/properties/teamId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                        vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                      }
                    } else {
                      let err6 = { instancePath: instancePath + "/teamId", schemaPath: "#/properties/teamId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                      vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                    }
                  var _valid1 = _errs14 === errors;
                  valid2 = valid2 || _valid1;
                  let _errs16 = errors;
                  if (data3 !== null) {
                    let err7 = { instancePath: instancePath + "/teamId", schemaPath: "#/properties/teamId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                    vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++;
                  }
                  var _valid1 = _errs16 === errors;
                  if (valid2 = valid2 || _valid1, valid2)
                    errors = _errs13, vErrors !== null && (_errs13 ? vErrors.length = _errs13 : vErrors = null);
                  else {
                    let err8 = { instancePath: instancePath + "/teamId", schemaPath: "#/properties/teamId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                    return vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++, validate44.errors = vErrors, !1;
                  }
                  var valid0 = _errs12 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.uses !== void 0) {
                    let data4 = data.uses, _errs18 = errors;
                    if (!(typeof data4 == "number" && !(data4 % 1) && !isNaN(data4) && isFinite(data4)))
                      return validate44.errors = [{ instancePath: instancePath + "/uses", schemaPath: "#/properties/uses/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                    if (errors === _errs18 && typeof data4 == "number" && isFinite(data4)) {
                      if (data4 > 200 || isNaN(data4))
                        return validate44.errors = [{ instancePath: instancePath + "/uses", schemaPath: "#/properties/uses/maximum", keyword: "maximum", params: { comparison: "<=", limit: 200 }, message: "must be <= 200" }], !1;
                      if (data4 < 1 || isNaN(data4))
                        return validate44.errors = [{ instancePath: instancePath + "/uses", schemaPath: "#/properties/uses/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                    }
                    var valid0 = _errs18 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0)
                    if (data.days !== void 0) {
                      let data5 = data.days, _errs20 = errors;
                      if (!(typeof data5 == "number" && !(data5 % 1) && !isNaN(data5) && isFinite(data5)))
                        return validate44.errors = [{ instancePath: instancePath + "/days", schemaPath: "#/properties/days/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                      if (errors === _errs20 && typeof data5 == "number" && isFinite(data5)) {
                        if (data5 > 30 || isNaN(data5))
                          return validate44.errors = [{ instancePath: instancePath + "/days", schemaPath: "#/properties/days/maximum", keyword: "maximum", params: { comparison: "<=", limit: 30 }, message: "must be <= 30" }], !1;
                        if (data5 < 1 || isNaN(data5))
                          return validate44.errors = [{ instancePath: instancePath + "/days", schemaPath: "#/properties/days/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                      }
                      var valid0 = _errs20 === errors;
                    } else
                      var valid0 = !0;
                }
              }
            }
          }
        }
      }
    } else
      return validate44.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate44.errors = vErrors, errors === 0;
}
validate44.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var createRole = validate45, schema56 = { type: "object", required: ["id", "name", "rights"], properties: { id: { type: "string", format: "uuid" }, name: { type: "string", minLength: 1, maxLength: 60, pattern: "\\S" }, rights: { type: "object", properties: { "time.record": { type: "string", enum: ["own", "project", "team", "firm"] }, "time.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "time.correct": { type: "string", enum: ["own", "project", "team", "firm"] }, "time.review": { type: "string", enum: ["own", "project", "team", "firm"] }, "work.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "values.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "cost.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "pay.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "entries.price": { type: "string", enum: ["own", "project", "team", "firm"] }, "agreements.change": { type: "string", enum: ["own", "project", "team", "firm"] }, "invoices.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "invoices.issue": { type: "string", enum: ["own", "project", "team", "firm"] }, "payments.record": { type: "string", enum: ["own", "project", "team", "firm"] }, "results.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "history.read": { type: "string", enum: ["own", "project", "team", "firm"] }, "people.change": { type: "string", enum: ["own", "project", "team", "firm"] }, "work.change": { type: "string", enum: ["own", "project", "team", "firm"] }, "firm.change": { type: "string", enum: ["own", "project", "team", "firm"] } }, additionalProperties: !1 } }, additionalProperties: !1 };
function validate45(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate45.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.rights === void 0 && (missing0 = "rights"))
        return validate45.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "name" || key0 === "rights")) {
            return validate45.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate45.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate45.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.name !== void 0) {
              let data1 = data.name, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 60)
                    return validate45.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate45.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate45.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate45.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.rights !== void 0) {
                let data2 = data.rights, _errs6 = errors;
                if (errors === _errs6)
                  if (data2 && typeof data2 == "object" && !Array.isArray(data2)) {
                    let _errs8 = errors;
                    for (let key1 in data2)
                      if (!func1.call(schema56.properties.rights.properties, key1)) {
                        return validate45.errors = [{ instancePath: instancePath + "/rights", schemaPath: "#/properties/rights/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                        break;
                      }
                    if (_errs8 === errors) {
                      if (data2["time.record"] !== void 0) {
                        let data3 = data2["time.record"], _errs9 = errors;
                        if (typeof data3 != "string")
                          return validate45.errors = [{ instancePath: instancePath + "/rights/time.record", schemaPath: "#/properties/rights/properties/time.record/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        if (!(data3 === "own" || data3 === "project" || data3 === "team" || data3 === "firm"))
                          return validate45.errors = [{ instancePath: instancePath + "/rights/time.record", schemaPath: "#/properties/rights/properties/time.record/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["time.record"].enum }, message: "must be equal to one of the allowed values" }], !1;
                        var valid1 = _errs9 === errors;
                      } else
                        var valid1 = !0;
                      if (valid1) {
                        if (data2["time.read"] !== void 0) {
                          let data4 = data2["time.read"], _errs11 = errors;
                          if (typeof data4 != "string")
                            return validate45.errors = [{ instancePath: instancePath + "/rights/time.read", schemaPath: "#/properties/rights/properties/time.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          if (!(data4 === "own" || data4 === "project" || data4 === "team" || data4 === "firm"))
                            return validate45.errors = [{ instancePath: instancePath + "/rights/time.read", schemaPath: "#/properties/rights/properties/time.read/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["time.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                          var valid1 = _errs11 === errors;
                        } else
                          var valid1 = !0;
                        if (valid1) {
                          if (data2["time.correct"] !== void 0) {
                            let data5 = data2["time.correct"], _errs13 = errors;
                            if (typeof data5 != "string")
                              return validate45.errors = [{ instancePath: instancePath + "/rights/time.correct", schemaPath: "#/properties/rights/properties/time.correct/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                            if (!(data5 === "own" || data5 === "project" || data5 === "team" || data5 === "firm"))
                              return validate45.errors = [{ instancePath: instancePath + "/rights/time.correct", schemaPath: "#/properties/rights/properties/time.correct/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["time.correct"].enum }, message: "must be equal to one of the allowed values" }], !1;
                            var valid1 = _errs13 === errors;
                          } else
                            var valid1 = !0;
                          if (valid1) {
                            if (data2["time.review"] !== void 0) {
                              let data6 = data2["time.review"], _errs15 = errors;
                              if (typeof data6 != "string")
                                return validate45.errors = [{ instancePath: instancePath + "/rights/time.review", schemaPath: "#/properties/rights/properties/time.review/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              if (!(data6 === "own" || data6 === "project" || data6 === "team" || data6 === "firm"))
                                return validate45.errors = [{ instancePath: instancePath + "/rights/time.review", schemaPath: "#/properties/rights/properties/time.review/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["time.review"].enum }, message: "must be equal to one of the allowed values" }], !1;
                              var valid1 = _errs15 === errors;
                            } else
                              var valid1 = !0;
                            if (valid1) {
                              if (data2["work.read"] !== void 0) {
                                let data7 = data2["work.read"], _errs17 = errors;
                                if (typeof data7 != "string")
                                  return validate45.errors = [{ instancePath: instancePath + "/rights/work.read", schemaPath: "#/properties/rights/properties/work.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                if (!(data7 === "own" || data7 === "project" || data7 === "team" || data7 === "firm"))
                                  return validate45.errors = [{ instancePath: instancePath + "/rights/work.read", schemaPath: "#/properties/rights/properties/work.read/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["work.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                var valid1 = _errs17 === errors;
                              } else
                                var valid1 = !0;
                              if (valid1) {
                                if (data2["values.read"] !== void 0) {
                                  let data8 = data2["values.read"], _errs19 = errors;
                                  if (typeof data8 != "string")
                                    return validate45.errors = [{ instancePath: instancePath + "/rights/values.read", schemaPath: "#/properties/rights/properties/values.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  if (!(data8 === "own" || data8 === "project" || data8 === "team" || data8 === "firm"))
                                    return validate45.errors = [{ instancePath: instancePath + "/rights/values.read", schemaPath: "#/properties/rights/properties/values.read/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["values.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                  var valid1 = _errs19 === errors;
                                } else
                                  var valid1 = !0;
                                if (valid1) {
                                  if (data2["cost.read"] !== void 0) {
                                    let data9 = data2["cost.read"], _errs21 = errors;
                                    if (typeof data9 != "string")
                                      return validate45.errors = [{ instancePath: instancePath + "/rights/cost.read", schemaPath: "#/properties/rights/properties/cost.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                    if (!(data9 === "own" || data9 === "project" || data9 === "team" || data9 === "firm"))
                                      return validate45.errors = [{ instancePath: instancePath + "/rights/cost.read", schemaPath: "#/properties/rights/properties/cost.read/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["cost.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                    var valid1 = _errs21 === errors;
                                  } else
                                    var valid1 = !0;
                                  if (valid1) {
                                    if (data2["pay.read"] !== void 0) {
                                      let data10 = data2["pay.read"], _errs23 = errors;
                                      if (typeof data10 != "string")
                                        return validate45.errors = [{ instancePath: instancePath + "/rights/pay.read", schemaPath: "#/properties/rights/properties/pay.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                      if (!(data10 === "own" || data10 === "project" || data10 === "team" || data10 === "firm"))
                                        return validate45.errors = [{ instancePath: instancePath + "/rights/pay.read", schemaPath: "#/properties/rights/properties/pay.read/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["pay.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                      var valid1 = _errs23 === errors;
                                    } else
                                      var valid1 = !0;
                                    if (valid1) {
                                      if (data2["entries.price"] !== void 0) {
                                        let data11 = data2["entries.price"], _errs25 = errors;
                                        if (typeof data11 != "string")
                                          return validate45.errors = [{ instancePath: instancePath + "/rights/entries.price", schemaPath: "#/properties/rights/properties/entries.price/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                        if (!(data11 === "own" || data11 === "project" || data11 === "team" || data11 === "firm"))
                                          return validate45.errors = [{ instancePath: instancePath + "/rights/entries.price", schemaPath: "#/properties/rights/properties/entries.price/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["entries.price"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                        var valid1 = _errs25 === errors;
                                      } else
                                        var valid1 = !0;
                                      if (valid1) {
                                        if (data2["agreements.change"] !== void 0) {
                                          let data12 = data2["agreements.change"], _errs27 = errors;
                                          if (typeof data12 != "string")
                                            return validate45.errors = [{ instancePath: instancePath + "/rights/agreements.change", schemaPath: "#/properties/rights/properties/agreements.change/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                          if (!(data12 === "own" || data12 === "project" || data12 === "team" || data12 === "firm"))
                                            return validate45.errors = [{ instancePath: instancePath + "/rights/agreements.change", schemaPath: "#/properties/rights/properties/agreements.change/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["agreements.change"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                          var valid1 = _errs27 === errors;
                                        } else
                                          var valid1 = !0;
                                        if (valid1) {
                                          if (data2["invoices.read"] !== void 0) {
                                            let data13 = data2["invoices.read"], _errs29 = errors;
                                            if (typeof data13 != "string")
                                              return validate45.errors = [{ instancePath: instancePath + "/rights/invoices.read", schemaPath: "#/properties/rights/properties/invoices.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                            if (!(data13 === "own" || data13 === "project" || data13 === "team" || data13 === "firm"))
                                              return validate45.errors = [{ instancePath: instancePath + "/rights/invoices.read", schemaPath: "#/properties/rights/properties/invoices.read/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["invoices.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                            var valid1 = _errs29 === errors;
                                          } else
                                            var valid1 = !0;
                                          if (valid1) {
                                            if (data2["invoices.issue"] !== void 0) {
                                              let data14 = data2["invoices.issue"], _errs31 = errors;
                                              if (typeof data14 != "string")
                                                return validate45.errors = [{ instancePath: instancePath + "/rights/invoices.issue", schemaPath: "#/properties/rights/properties/invoices.issue/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                              if (!(data14 === "own" || data14 === "project" || data14 === "team" || data14 === "firm"))
                                                return validate45.errors = [{ instancePath: instancePath + "/rights/invoices.issue", schemaPath: "#/properties/rights/properties/invoices.issue/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["invoices.issue"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                              var valid1 = _errs31 === errors;
                                            } else
                                              var valid1 = !0;
                                            if (valid1) {
                                              if (data2["payments.record"] !== void 0) {
                                                let data15 = data2["payments.record"], _errs33 = errors;
                                                if (typeof data15 != "string")
                                                  return validate45.errors = [{ instancePath: instancePath + "/rights/payments.record", schemaPath: "#/properties/rights/properties/payments.record/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                if (!(data15 === "own" || data15 === "project" || data15 === "team" || data15 === "firm"))
                                                  return validate45.errors = [{ instancePath: instancePath + "/rights/payments.record", schemaPath: "#/properties/rights/properties/payments.record/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["payments.record"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                                var valid1 = _errs33 === errors;
                                              } else
                                                var valid1 = !0;
                                              if (valid1) {
                                                if (data2["results.read"] !== void 0) {
                                                  let data16 = data2["results.read"], _errs35 = errors;
                                                  if (typeof data16 != "string")
                                                    return validate45.errors = [{ instancePath: instancePath + "/rights/results.read", schemaPath: "#/properties/rights/properties/results.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                  if (!(data16 === "own" || data16 === "project" || data16 === "team" || data16 === "firm"))
                                                    return validate45.errors = [{ instancePath: instancePath + "/rights/results.read", schemaPath: "#/properties/rights/properties/results.read/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["results.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                                  var valid1 = _errs35 === errors;
                                                } else
                                                  var valid1 = !0;
                                                if (valid1) {
                                                  if (data2["history.read"] !== void 0) {
                                                    let data17 = data2["history.read"], _errs37 = errors;
                                                    if (typeof data17 != "string")
                                                      return validate45.errors = [{ instancePath: instancePath + "/rights/history.read", schemaPath: "#/properties/rights/properties/history.read/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                    if (!(data17 === "own" || data17 === "project" || data17 === "team" || data17 === "firm"))
                                                      return validate45.errors = [{ instancePath: instancePath + "/rights/history.read", schemaPath: "#/properties/rights/properties/history.read/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["history.read"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                                    var valid1 = _errs37 === errors;
                                                  } else
                                                    var valid1 = !0;
                                                  if (valid1) {
                                                    if (data2["people.change"] !== void 0) {
                                                      let data18 = data2["people.change"], _errs39 = errors;
                                                      if (typeof data18 != "string")
                                                        return validate45.errors = [{ instancePath: instancePath + "/rights/people.change", schemaPath: "#/properties/rights/properties/people.change/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                      if (!(data18 === "own" || data18 === "project" || data18 === "team" || data18 === "firm"))
                                                        return validate45.errors = [{ instancePath: instancePath + "/rights/people.change", schemaPath: "#/properties/rights/properties/people.change/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["people.change"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                                      var valid1 = _errs39 === errors;
                                                    } else
                                                      var valid1 = !0;
                                                    if (valid1) {
                                                      if (data2["work.change"] !== void 0) {
                                                        let data19 = data2["work.change"], _errs41 = errors;
                                                        if (typeof data19 != "string")
                                                          return validate45.errors = [{ instancePath: instancePath + "/rights/work.change", schemaPath: "#/properties/rights/properties/work.change/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                        if (!(data19 === "own" || data19 === "project" || data19 === "team" || data19 === "firm"))
                                                          return validate45.errors = [{ instancePath: instancePath + "/rights/work.change", schemaPath: "#/properties/rights/properties/work.change/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["work.change"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                                        var valid1 = _errs41 === errors;
                                                      } else
                                                        var valid1 = !0;
                                                      if (valid1)
                                                        if (data2["firm.change"] !== void 0) {
                                                          let data20 = data2["firm.change"], _errs43 = errors;
                                                          if (typeof data20 != "string")
                                                            return validate45.errors = [{ instancePath: instancePath + "/rights/firm.change", schemaPath: "#/properties/rights/properties/firm.change/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                          if (!(data20 === "own" || data20 === "project" || data20 === "team" || data20 === "firm"))
                                                            return validate45.errors = [{ instancePath: instancePath + "/rights/firm.change", schemaPath: "#/properties/rights/properties/firm.change/enum", keyword: "enum", params: { allowedValues: schema56.properties.rights.properties["firm.change"].enum }, message: "must be equal to one of the allowed values" }], !1;
                                                          var valid1 = _errs43 === errors;
                                                        } else
                                                          var valid1 = !0;
                                                    }
                                                  }
                                                }
                                              }
                                            }
                                          }
                                        }
                                      }
                                    }
                                  }
                                }
                              }
                            }
                          }
                        }
                      }
                    }
                  } else
                    return validate45.errors = [{ instancePath: instancePath + "/rights", schemaPath: "#/properties/rights/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate45.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate45.errors = vErrors, errors === 0;
}
validate45.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var createTeam = validate46;
function validate46(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate46.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.leadId === void 0 && (missing0 = "leadId") || data.people === void 0 && (missing0 = "people"))
        return validate46.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "name" || key0 === "leadId" || key0 === "people")) {
            return validate46.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate46.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate46.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.name !== void 0) {
              let data1 = data.name, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 100)
                    return validate46.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate46.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate46.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate46.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.leadId !== void 0) {
                let data2 = data.leadId, _errs6 = errors;
                if (errors === _errs6 && errors === _errs6)
                  if (typeof data2 == "string") {
                    if (!formats4.test(data2))
                      return validate46.errors = [{ instancePath: instancePath + "/leadId", schemaPath: "#/properties/leadId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                  } else
                    return validate46.errors = [{ instancePath: instancePath + "/leadId", schemaPath: "#/properties/leadId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.people !== void 0) {
                  let data3 = data.people, _errs8 = errors;
                  if (errors === _errs8)
                    if (Array.isArray(data3)) {
                      if (data3.length > 2e3)
                        return validate46.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                      {
                        var valid1 = !0;
                        let len0 = data3.length;
                        for (let i0 = 0; i0 < len0; i0++) {
                          let data4 = data3[i0], _errs10 = errors;
                          if (errors === _errs10 && errors === _errs10)
                            if (typeof data4 == "string") {
                              if (!formats4.test(data4))
                                return validate46.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                            } else
                              return validate46.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          var valid1 = _errs10 === errors;
                          if (!valid1)
                            break;
                        }
                        if (valid1) {
                          let i1 = data3.length, j0;
                          if (i1 > 1) {
                            let indices0 = {};
                            for (; i1--; ) {
                              let item0 = data3[i1];
                              if (typeof item0 == "string") {
                                if (typeof indices0[item0] == "number") {
                                  return j0 = indices0[item0], validate46.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                                  break;
                                }
                                indices0[item0] = i1;
                              }
                            }
                          }
                        }
                      }
                    } else
                      return validate46.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate46.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate46.errors = vErrors, errors === 0;
}
validate46.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var endRole = validate47;
function validate47(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate47.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data))
      for (let key0 in data) {
        return validate47.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
        break;
      }
    else
      return validate47.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate47.errors = vErrors, errors === 0;
}
validate47.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var endSecondFactor = validate48;
function validate48(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate48.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.password === void 0 && (missing0 = "password") || data.code === void 0 && (missing0 = "code"))
        return validate48.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "password" || key0 === "code")) {
            return validate48.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.password !== void 0) {
            let data0 = data.password, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 200)
                  return validate48.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func2(data0) < 1)
                  return validate48.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate48.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate48.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.code !== void 0) {
              let data1 = data.code, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 40)
                    return validate48.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
                  if (func2(data1) < 6)
                    return validate48.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/minLength", keyword: "minLength", params: { limit: 6 }, message: "must NOT have fewer than 6 characters" }], !1;
                  if (!pattern33.test(data1))
                    return validate48.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/pattern", keyword: "pattern", params: { pattern: "^[\\sA-Za-z0-9-]+$" }, message: 'must match pattern "^[\\sA-Za-z0-9-]+$"' }], !1;
                } else
                  return validate48.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate48.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate48.errors = vErrors, errors === 0;
}
validate48.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var endTeam = validate49;
function validate49(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate49.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.into === void 0 && (missing0 = "into"))
        return validate49.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "into") {
            return validate49.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.into !== void 0) {
          let data0 = data.into, _errs3 = errors, valid1 = !1, _errs4 = errors;
          if (errors === _errs4 && errors === _errs4)
            if (typeof data0 == "string") {
              if (!formats4.test(data0)) {
                let err0 = { instancePath: instancePath + "/into", schemaPath: "#/properties/into/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
              }
            } else {
              let err1 = { instancePath: instancePath + "/into", schemaPath: "#/properties/into/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
              vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
            }
          var _valid0 = _errs4 === errors;
          valid1 = valid1 || _valid0;
          let _errs6 = errors;
          if (data0 !== null) {
            let err2 = { instancePath: instancePath + "/into", schemaPath: "#/properties/into/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
            vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
          }
          var _valid0 = _errs6 === errors;
          if (valid1 = valid1 || _valid0, valid1)
            errors = _errs3, vErrors !== null && (_errs3 ? vErrors.length = _errs3 : vErrors = null);
          else {
            let err3 = { instancePath: instancePath + "/into", schemaPath: "#/properties/into/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
            return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate49.errors = vErrors, !1;
          }
        }
      }
    } else
      return validate49.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate49.errors = vErrors, errors === 0;
}
validate49.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var forgotPassword = validate50;
function validate50(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate50.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.email === void 0 && (missing0 = "email"))
        return validate50.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "email") {
            return validate50.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.email !== void 0) {
          let data0 = data.email;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 200)
                return validate50.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
              if (func2(data0) < 3)
                return validate50.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
              if (!pattern26.test(data0))
                return validate50.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$" }, message: 'must match pattern "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$"' }], !1;
            } else
              return validate50.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate50.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate50.errors = vErrors, errors === 0;
}
validate50.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var handOver = validate51;
var func0 = require_equal().default;
function validate51(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate51.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.to === void 0 && (missing0 = "to") || data.projects === void 0 && (missing0 = "projects") || data.teams === void 0 && (missing0 = "teams"))
        return validate51.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "to" || key0 === "projects" || key0 === "teams")) {
            return validate51.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.to !== void 0) {
            let data0 = data.to, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate51.errors = [{ instancePath: instancePath + "/to", schemaPath: "#/properties/to/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate51.errors = [{ instancePath: instancePath + "/to", schemaPath: "#/properties/to/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.projects !== void 0) {
              let data1 = data.projects, _errs4 = errors;
              if (errors === _errs4)
                if (Array.isArray(data1)) {
                  if (data1.length > 2e3)
                    return validate51.errors = [{ instancePath: instancePath + "/projects", schemaPath: "#/properties/projects/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                  {
                    var valid1 = !0;
                    let len0 = data1.length;
                    for (let i0 = 0; i0 < len0; i0++) {
                      let data2 = data1[i0], _errs6 = errors;
                      if (errors === _errs6 && errors === _errs6)
                        if (typeof data2 == "string") {
                          if (!formats4.test(data2))
                            return validate51.errors = [{ instancePath: instancePath + "/projects/" + i0, schemaPath: "#/properties/projects/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                        } else
                          return validate51.errors = [{ instancePath: instancePath + "/projects/" + i0, schemaPath: "#/properties/projects/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      var valid1 = _errs6 === errors;
                      if (!valid1)
                        break;
                    }
                    if (valid1) {
                      let i1 = data1.length, j0;
                      if (i1 > 1) {
                        let indices0 = {};
                        for (; i1--; ) {
                          let item0 = data1[i1];
                          if (typeof item0 == "string") {
                            if (typeof indices0[item0] == "number") {
                              return j0 = indices0[item0], validate51.errors = [{ instancePath: instancePath + "/projects", schemaPath: "#/properties/projects/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                              break;
                            }
                            indices0[item0] = i1;
                          }
                        }
                      }
                    }
                  }
                } else
                  return validate51.errors = [{ instancePath: instancePath + "/projects", schemaPath: "#/properties/projects/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.teams !== void 0) {
                let data3 = data.teams, _errs8 = errors;
                if (errors === _errs8)
                  if (Array.isArray(data3)) {
                    if (data3.length > 2e3)
                      return validate51.errors = [{ instancePath: instancePath + "/teams", schemaPath: "#/properties/teams/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                    {
                      var valid3 = !0;
                      let len1 = data3.length;
                      for (let i2 = 0; i2 < len1; i2++) {
                        let data4 = data3[i2], _errs10 = errors;
                        if (errors === _errs10)
                          if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
                            let missing1;
                            if (data4.id === void 0 && (missing1 = "id") || data4.version === void 0 && (missing1 = "version"))
                              return validate51.errors = [{ instancePath: instancePath + "/teams/" + i2, schemaPath: "#/properties/teams/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                            {
                              let _errs12 = errors;
                              for (let key1 in data4)
                                if (!(key1 === "id" || key1 === "version")) {
                                  return validate51.errors = [{ instancePath: instancePath + "/teams/" + i2, schemaPath: "#/properties/teams/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                                  break;
                                }
                              if (_errs12 === errors) {
                                if (data4.id !== void 0) {
                                  let data5 = data4.id, _errs13 = errors;
                                  if (errors === _errs13 && errors === _errs13)
                                    if (typeof data5 == "string") {
                                      if (!formats4.test(data5))
                                        return validate51.errors = [{ instancePath: instancePath + "/teams/" + i2 + "/id", schemaPath: "#/properties/teams/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                    } else
                                      return validate51.errors = [{ instancePath: instancePath + "/teams/" + i2 + "/id", schemaPath: "#/properties/teams/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  var valid4 = _errs13 === errors;
                                } else
                                  var valid4 = !0;
                                if (valid4)
                                  if (data4.version !== void 0) {
                                    let data6 = data4.version, _errs15 = errors;
                                    if (!(typeof data6 == "number" && !(data6 % 1) && !isNaN(data6) && isFinite(data6)))
                                      return validate51.errors = [{ instancePath: instancePath + "/teams/" + i2 + "/version", schemaPath: "#/properties/teams/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                    if (errors === _errs15 && typeof data6 == "number" && isFinite(data6)) {
                                      if (data6 > 2147483647 || isNaN(data6))
                                        return validate51.errors = [{ instancePath: instancePath + "/teams/" + i2 + "/version", schemaPath: "#/properties/teams/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                      if (data6 < 1 || isNaN(data6))
                                        return validate51.errors = [{ instancePath: instancePath + "/teams/" + i2 + "/version", schemaPath: "#/properties/teams/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                    }
                                    var valid4 = _errs15 === errors;
                                  } else
                                    var valid4 = !0;
                              }
                            }
                          } else
                            return validate51.errors = [{ instancePath: instancePath + "/teams/" + i2, schemaPath: "#/properties/teams/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                        var valid3 = _errs10 === errors;
                        if (!valid3)
                          break;
                      }
                      if (valid3) {
                        let i3 = data3.length, j1;
                        if (i3 > 1) {
                          outer0: for (; i3--; )
                            for (j1 = i3; j1--; )
                              if (func0(data3[i3], data3[j1])) {
                                return validate51.errors = [{ instancePath: instancePath + "/teams", schemaPath: "#/properties/teams/uniqueItems", keyword: "uniqueItems", params: { i: i3, j: j1 }, message: "must NOT have duplicate items (items ## " + j1 + " and " + i3 + " are identical)" }], !1;
                                break outer0;
                              }
                        }
                      }
                    }
                  } else
                    return validate51.errors = [{ instancePath: instancePath + "/teams", schemaPath: "#/properties/teams/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                var valid0 = _errs8 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate51.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate51.errors = vErrors, errors === 0;
}
validate51.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var invitePeople = validate52, schema63 = { type: "object", required: ["people", "role"], properties: { people: { type: "array", items: { type: "object", required: ["id", "name", "email"], properties: { id: { type: "string", format: "uuid" }, name: { type: "string", minLength: 1, maxLength: 100, pattern: "\\S" }, email: { type: "string", minLength: 3, maxLength: 200, pattern: "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$" } }, additionalProperties: !1 }, minItems: 1, maxItems: 200 }, role: { anyOf: [{ type: "string", enum: ["owner", "administrator", "manager", "project manager", "bookkeeper", "staff", "auditor"] }, { type: "string", format: "uuid" }] } }, additionalProperties: !1 };
function validate52(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate52.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.people === void 0 && (missing0 = "people") || data.role === void 0 && (missing0 = "role"))
        return validate52.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "people" || key0 === "role")) {
            return validate52.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.people !== void 0) {
            let data0 = data.people, _errs2 = errors;
            if (errors === _errs2)
              if (Array.isArray(data0)) {
                if (data0.length > 200)
                  return validate52.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/maxItems", keyword: "maxItems", params: { limit: 200 }, message: "must NOT have more than 200 items" }], !1;
                if (data0.length < 1)
                  return validate52.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                {
                  var valid1 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs4 = errors;
                    if (errors === _errs4)
                      if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                        let missing1;
                        if (data1.id === void 0 && (missing1 = "id") || data1.name === void 0 && (missing1 = "name") || data1.email === void 0 && (missing1 = "email"))
                          return validate52.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs6 = errors;
                          for (let key1 in data1)
                            if (!(key1 === "id" || key1 === "name" || key1 === "email")) {
                              return validate52.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs6 === errors) {
                            if (data1.id !== void 0) {
                              let data2 = data1.id, _errs7 = errors;
                              if (errors === _errs7 && errors === _errs7)
                                if (typeof data2 == "string") {
                                  if (!formats4.test(data2))
                                    return validate52.errors = [{ instancePath: instancePath + "/people/" + i0 + "/id", schemaPath: "#/properties/people/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                } else
                                  return validate52.errors = [{ instancePath: instancePath + "/people/" + i0 + "/id", schemaPath: "#/properties/people/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs7 === errors;
                            } else
                              var valid2 = !0;
                            if (valid2) {
                              if (data1.name !== void 0) {
                                let data3 = data1.name, _errs9 = errors;
                                if (errors === _errs9)
                                  if (typeof data3 == "string") {
                                    if (func2(data3) > 100)
                                      return validate52.errors = [{ instancePath: instancePath + "/people/" + i0 + "/name", schemaPath: "#/properties/people/items/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                                    if (func2(data3) < 1)
                                      return validate52.errors = [{ instancePath: instancePath + "/people/" + i0 + "/name", schemaPath: "#/properties/people/items/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                    if (!pattern4.test(data3))
                                      return validate52.errors = [{ instancePath: instancePath + "/people/" + i0 + "/name", schemaPath: "#/properties/people/items/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                  } else
                                    return validate52.errors = [{ instancePath: instancePath + "/people/" + i0 + "/name", schemaPath: "#/properties/people/items/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid2 = _errs9 === errors;
                              } else
                                var valid2 = !0;
                              if (valid2)
                                if (data1.email !== void 0) {
                                  let data4 = data1.email, _errs11 = errors;
                                  if (errors === _errs11)
                                    if (typeof data4 == "string") {
                                      if (func2(data4) > 200)
                                        return validate52.errors = [{ instancePath: instancePath + "/people/" + i0 + "/email", schemaPath: "#/properties/people/items/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                                      if (func2(data4) < 3)
                                        return validate52.errors = [{ instancePath: instancePath + "/people/" + i0 + "/email", schemaPath: "#/properties/people/items/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                                      if (!pattern26.test(data4))
                                        return validate52.errors = [{ instancePath: instancePath + "/people/" + i0 + "/email", schemaPath: "#/properties/people/items/properties/email/pattern", keyword: "pattern", params: { pattern: "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$" }, message: 'must match pattern "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$"' }], !1;
                                    } else
                                      return validate52.errors = [{ instancePath: instancePath + "/people/" + i0 + "/email", schemaPath: "#/properties/people/items/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  var valid2 = _errs11 === errors;
                                } else
                                  var valid2 = !0;
                            }
                          }
                        }
                      } else
                        return validate52.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid1 = _errs4 === errors;
                    if (!valid1)
                      break;
                  }
                }
              } else
                return validate52.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.role !== void 0) {
              let data5 = data.role, _errs13 = errors, _errs14 = errors, valid3 = !1, _errs15 = errors;
              if (typeof data5 != "string") {
                let err0 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
              }
              if (!(data5 === "owner" || data5 === "administrator" || data5 === "manager" || data5 === "project manager" || data5 === "bookkeeper" || data5 === "staff" || data5 === "auditor")) {
                let err1 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema63.properties.role.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
              }
              var _valid0 = _errs15 === errors;
              valid3 = valid3 || _valid0;
              let _errs17 = errors;
              if (errors === _errs17 && errors === _errs17)
                if (typeof data5 == "string") {
                  if (!formats4.test(data5)) {
                    let err2 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/1/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                    vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                  }
                } else {
                  let err3 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/1/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                  vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                }
              var _valid0 = _errs17 === errors;
              if (valid3 = valid3 || _valid0, valid3)
                errors = _errs14, vErrors !== null && (_errs14 ? vErrors.length = _errs14 : vErrors = null);
              else {
                let err4 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++, validate52.errors = vErrors, !1;
              }
              var valid0 = _errs13 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate52.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate52.errors = vErrors, errors === 0;
}
validate52.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var invitePerson = validate53, schema64 = { type: "object", required: ["id", "name", "email", "role"], properties: { id: { type: "string", format: "uuid" }, name: { type: "string", minLength: 1, maxLength: 100, pattern: "\\S" }, email: { type: "string", minLength: 3, maxLength: 200, pattern: "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$" }, role: { anyOf: [{ type: "string", enum: ["owner", "administrator", "manager", "project manager", "bookkeeper", "staff", "auditor"] }, { type: "string", format: "uuid" }] } }, additionalProperties: !1 };
function validate53(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate53.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.email === void 0 && (missing0 = "email") || data.role === void 0 && (missing0 = "role"))
        return validate53.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "name" || key0 === "email" || key0 === "role")) {
            return validate53.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate53.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate53.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.name !== void 0) {
              let data1 = data.name, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 100)
                    return validate53.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate53.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate53.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate53.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.email !== void 0) {
                let data2 = data.email, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (func2(data2) > 200)
                      return validate53.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                    if (func2(data2) < 3)
                      return validate53.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                    if (!pattern26.test(data2))
                      return validate53.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$" }, message: 'must match pattern "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$"' }], !1;
                  } else
                    return validate53.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.role !== void 0) {
                  let data3 = data.role, _errs8 = errors, _errs9 = errors, valid1 = !1, _errs10 = errors;
                  if (typeof data3 != "string") {
                    let err0 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                    vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                  }
                  if (!(data3 === "owner" || data3 === "administrator" || data3 === "manager" || data3 === "project manager" || data3 === "bookkeeper" || data3 === "staff" || data3 === "auditor")) {
                    let err1 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema64.properties.role.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                    vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                  }
                  var _valid0 = _errs10 === errors;
                  valid1 = valid1 || _valid0;
                  let _errs12 = errors;
                  if (errors === _errs12 && errors === _errs12)
                    if (typeof data3 == "string") {
                      if (!formats4.test(data3)) {
                        let err2 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/1/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                        vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                      }
                    } else {
                      let err3 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf/1/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                      vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                    }
                  var _valid0 = _errs12 === errors;
                  if (valid1 = valid1 || _valid0, valid1)
                    errors = _errs9, vErrors !== null && (_errs9 ? vErrors.length = _errs9 : vErrors = null);
                  else {
                    let err4 = { instancePath: instancePath + "/role", schemaPath: "#/properties/role/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                    return vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++, validate53.errors = vErrors, !1;
                  }
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate53.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate53.errors = vErrors, errors === 0;
}
validate53.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var joinByLink = validate54;
function validate54(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate54.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token") || data.account === void 0 && (missing0 = "account"))
        return validate54.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "token" || key0 === "account")) {
            return validate54.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.token !== void 0) {
            let data0 = data.token, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 100)
                  return validate54.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func2(data0) < 1)
                  return validate54.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern32.test(data0))
                  return validate54.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
              } else
                return validate54.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.account !== void 0) {
              let data1 = data.account, _errs4 = errors, _errs5 = errors, valid1 = !1, _errs6 = errors;
              if (errors === _errs6)
                if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                  let missing1;
                  if (data1.name === void 0 && (missing1 = "name") || data1.number === void 0 && (missing1 = "number") || data1.password === void 0 && (missing1 = "password") || data1.consents === void 0 && (missing1 = "consents")) {
                    let err0 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/0/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" };
                    vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                  } else {
                    let _errs8 = errors;
                    for (let key1 in data1)
                      if (!(key1 === "name" || key1 === "number" || key1 === "password" || key1 === "consents")) {
                        let err1 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/0/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" };
                        vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                        break;
                      }
                    if (_errs8 === errors) {
                      if (data1.name !== void 0) {
                        let data2 = data1.name, _errs9 = errors;
                        if (errors === _errs9)
                          if (typeof data2 == "string") {
                            if (func2(data2) > 100) {
                              let err2 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" };
                              vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                            } else if (func2(data2) < 1) {
                              let err3 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                              vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                            } else if (!pattern4.test(data2)) {
                              let err4 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' };
                              vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                            }
                          } else {
                            let err5 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                          }
                        var valid2 = _errs9 === errors;
                      } else
                        var valid2 = !0;
                      if (valid2) {
                        if (data1.number !== void 0) {
                          let data3 = data1.number, _errs11 = errors;
                          if (errors === _errs11)
                            if (typeof data3 == "string") {
                              if (func2(data3) > 200) {
                                let err6 = { instancePath: instancePath + "/account/number", schemaPath: "#/properties/account/anyOf/0/properties/number/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" };
                                vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                              } else if (func2(data3) < 3) {
                                let err7 = { instancePath: instancePath + "/account/number", schemaPath: "#/properties/account/anyOf/0/properties/number/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" };
                                vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++;
                              } else if (!pattern26.test(data3)) {
                                let err8 = { instancePath: instancePath + "/account/number", schemaPath: "#/properties/account/anyOf/0/properties/number/pattern", keyword: "pattern", params: { pattern: "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$" }, message: 'must match pattern "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$"' };
                                vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                              }
                            } else {
                              let err9 = { instancePath: instancePath + "/account/number", schemaPath: "#/properties/account/anyOf/0/properties/number/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                              vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                            }
                          var valid2 = _errs11 === errors;
                        } else
                          var valid2 = !0;
                        if (valid2) {
                          if (data1.password !== void 0) {
                            let data4 = data1.password, _errs13 = errors;
                            if (errors === _errs13)
                              if (typeof data4 == "string") {
                                if (func2(data4) > 200) {
                                  let err10 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" };
                                  vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                                } else if (func2(data4) < 12) {
                                  let err11 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/minLength", keyword: "minLength", params: { limit: 12 }, message: "must NOT have fewer than 12 characters" };
                                  vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++;
                                } else if (!pattern4.test(data4)) {
                                  let err12 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' };
                                  vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++;
                                }
                              } else {
                                let err13 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                vErrors === null ? vErrors = [err13] : vErrors.push(err13), errors++;
                              }
                            var valid2 = _errs13 === errors;
                          } else
                            var valid2 = !0;
                          if (valid2)
                            if (data1.consents !== void 0) {
                              let data5 = data1.consents, _errs15 = errors;
                              if (errors === _errs15)
                                if (data5 && typeof data5 == "object" && !Array.isArray(data5)) {
                                  let missing2;
                                  if (data5.terms === void 0 && (missing2 = "terms") || data5.data === void 0 && (missing2 = "data")) {
                                    let err14 = { instancePath: instancePath + "/account/consents", schemaPath: "#/properties/account/anyOf/0/properties/consents/required", keyword: "required", params: { missingProperty: missing2 }, message: "must have required property '" + missing2 + "'" };
                                    vErrors === null ? vErrors = [err14] : vErrors.push(err14), errors++;
                                  } else {
                                    let _errs17 = errors;
                                    for (let key2 in data5)
                                      if (!(key2 === "terms" || key2 === "data")) {
                                        let err15 = { instancePath: instancePath + "/account/consents", schemaPath: "#/properties/account/anyOf/0/properties/consents/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key2 }, message: "must NOT have additional properties" };
                                        vErrors === null ? vErrors = [err15] : vErrors.push(err15), errors++;
                                        break;
                                      }
                                    if (_errs17 === errors) {
                                      if (data5.terms !== void 0) {
                                        let data6 = data5.terms, _errs18 = errors;
                                        if (errors === _errs18)
                                          if (typeof data6 == "string") {
                                            if (func2(data6) > 20) {
                                              let err16 = { instancePath: instancePath + "/account/consents/terms", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/terms/maxLength", keyword: "maxLength", params: { limit: 20 }, message: "must NOT have more than 20 characters" };
                                              vErrors === null ? vErrors = [err16] : vErrors.push(err16), errors++;
                                            } else if (func2(data6) < 1) {
                                              let err17 = { instancePath: instancePath + "/account/consents/terms", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/terms/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                                              vErrors === null ? vErrors = [err17] : vErrors.push(err17), errors++;
                                            }
                                          } else {
                                            let err18 = { instancePath: instancePath + "/account/consents/terms", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/terms/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                            vErrors === null ? vErrors = [err18] : vErrors.push(err18), errors++;
                                          }
                                        var valid3 = _errs18 === errors;
                                      } else
                                        var valid3 = !0;
                                      if (valid3)
                                        if (data5.data !== void 0) {
                                          let data7 = data5.data, _errs20 = errors;
                                          if (errors === _errs20)
                                            if (typeof data7 == "string") {
                                              if (func2(data7) > 20) {
                                                let err19 = { instancePath: instancePath + "/account/consents/data", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/data/maxLength", keyword: "maxLength", params: { limit: 20 }, message: "must NOT have more than 20 characters" };
                                                vErrors === null ? vErrors = [err19] : vErrors.push(err19), errors++;
                                              } else if (func2(data7) < 1) {
                                                let err20 = { instancePath: instancePath + "/account/consents/data", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/data/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                                                vErrors === null ? vErrors = [err20] : vErrors.push(err20), errors++;
                                              }
                                            } else {
                                              let err21 = { instancePath: instancePath + "/account/consents/data", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/data/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                              vErrors === null ? vErrors = [err21] : vErrors.push(err21), errors++;
                                            }
                                          var valid3 = _errs20 === errors;
                                        } else
                                          var valid3 = !0;
                                    }
                                  }
                                } else {
                                  let err22 = { instancePath: instancePath + "/account/consents", schemaPath: "#/properties/account/anyOf/0/properties/consents/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                                  vErrors === null ? vErrors = [err22] : vErrors.push(err22), errors++;
                                }
                              var valid2 = _errs15 === errors;
                            } else
                              var valid2 = !0;
                        }
                      }
                    }
                  }
                } else {
                  let err23 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/0/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                  vErrors === null ? vErrors = [err23] : vErrors.push(err23), errors++;
                }
              var _valid0 = _errs6 === errors;
              valid1 = valid1 || _valid0;
              let _errs22 = errors;
              if (data1 !== null) {
                let err24 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err24] : vErrors.push(err24), errors++;
              }
              var _valid0 = _errs22 === errors;
              if (valid1 = valid1 || _valid0, valid1)
                errors = _errs5, vErrors !== null && (_errs5 ? vErrors.length = _errs5 : vErrors = null);
              else {
                let err25 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err25] : vErrors.push(err25), errors++, validate54.errors = vErrors, !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate54.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate54.errors = vErrors, errors === 0;
}
validate54.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var joinFirm = validate55;
function validate55(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate55.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token") || data.account === void 0 && (missing0 = "account"))
        return validate55.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "token" || key0 === "account")) {
            return validate55.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.token !== void 0) {
            let data0 = data.token, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 100)
                  return validate55.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func2(data0) < 1)
                  return validate55.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern32.test(data0))
                  return validate55.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
              } else
                return validate55.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.account !== void 0) {
              let data1 = data.account, _errs4 = errors, _errs5 = errors, valid1 = !1, _errs6 = errors;
              if (errors === _errs6)
                if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                  let missing1;
                  if (data1.name === void 0 && (missing1 = "name") || data1.password === void 0 && (missing1 = "password") || data1.consents === void 0 && (missing1 = "consents")) {
                    let err0 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/0/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" };
                    vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                  } else {
                    let _errs8 = errors;
                    for (let key1 in data1)
                      if (!(key1 === "name" || key1 === "password" || key1 === "consents")) {
                        let err1 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/0/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" };
                        vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                        break;
                      }
                    if (_errs8 === errors) {
                      if (data1.name !== void 0) {
                        let data2 = data1.name, _errs9 = errors;
                        if (errors === _errs9)
                          if (typeof data2 == "string") {
                            if (func2(data2) > 100) {
                              let err2 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" };
                              vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                            } else if (func2(data2) < 1) {
                              let err3 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                              vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                            } else if (!pattern4.test(data2)) {
                              let err4 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' };
                              vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                            }
                          } else {
                            let err5 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                          }
                        var valid2 = _errs9 === errors;
                      } else
                        var valid2 = !0;
                      if (valid2) {
                        if (data1.password !== void 0) {
                          let data3 = data1.password, _errs11 = errors;
                          if (errors === _errs11)
                            if (typeof data3 == "string") {
                              if (func2(data3) > 200) {
                                let err6 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" };
                                vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                              } else if (func2(data3) < 12) {
                                let err7 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/minLength", keyword: "minLength", params: { limit: 12 }, message: "must NOT have fewer than 12 characters" };
                                vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++;
                              } else if (!pattern4.test(data3)) {
                                let err8 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' };
                                vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                              }
                            } else {
                              let err9 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                              vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                            }
                          var valid2 = _errs11 === errors;
                        } else
                          var valid2 = !0;
                        if (valid2)
                          if (data1.consents !== void 0) {
                            let data4 = data1.consents, _errs13 = errors;
                            if (errors === _errs13)
                              if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
                                let missing2;
                                if (data4.terms === void 0 && (missing2 = "terms") || data4.data === void 0 && (missing2 = "data")) {
                                  let err10 = { instancePath: instancePath + "/account/consents", schemaPath: "#/properties/account/anyOf/0/properties/consents/required", keyword: "required", params: { missingProperty: missing2 }, message: "must have required property '" + missing2 + "'" };
                                  vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                                } else {
                                  let _errs15 = errors;
                                  for (let key2 in data4)
                                    if (!(key2 === "terms" || key2 === "data")) {
                                      let err11 = { instancePath: instancePath + "/account/consents", schemaPath: "#/properties/account/anyOf/0/properties/consents/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key2 }, message: "must NOT have additional properties" };
                                      vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++;
                                      break;
                                    }
                                  if (_errs15 === errors) {
                                    if (data4.terms !== void 0) {
                                      let data5 = data4.terms, _errs16 = errors;
                                      if (errors === _errs16)
                                        if (typeof data5 == "string") {
                                          if (func2(data5) > 20) {
                                            let err12 = { instancePath: instancePath + "/account/consents/terms", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/terms/maxLength", keyword: "maxLength", params: { limit: 20 }, message: "must NOT have more than 20 characters" };
                                            vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++;
                                          } else if (func2(data5) < 1) {
                                            let err13 = { instancePath: instancePath + "/account/consents/terms", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/terms/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                                            vErrors === null ? vErrors = [err13] : vErrors.push(err13), errors++;
                                          }
                                        } else {
                                          let err14 = { instancePath: instancePath + "/account/consents/terms", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/terms/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                          vErrors === null ? vErrors = [err14] : vErrors.push(err14), errors++;
                                        }
                                      var valid3 = _errs16 === errors;
                                    } else
                                      var valid3 = !0;
                                    if (valid3)
                                      if (data4.data !== void 0) {
                                        let data6 = data4.data, _errs18 = errors;
                                        if (errors === _errs18)
                                          if (typeof data6 == "string") {
                                            if (func2(data6) > 20) {
                                              let err15 = { instancePath: instancePath + "/account/consents/data", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/data/maxLength", keyword: "maxLength", params: { limit: 20 }, message: "must NOT have more than 20 characters" };
                                              vErrors === null ? vErrors = [err15] : vErrors.push(err15), errors++;
                                            } else if (func2(data6) < 1) {
                                              let err16 = { instancePath: instancePath + "/account/consents/data", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/data/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                                              vErrors === null ? vErrors = [err16] : vErrors.push(err16), errors++;
                                            }
                                          } else {
                                            let err17 = { instancePath: instancePath + "/account/consents/data", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/data/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                            vErrors === null ? vErrors = [err17] : vErrors.push(err17), errors++;
                                          }
                                        var valid3 = _errs18 === errors;
                                      } else
                                        var valid3 = !0;
                                  }
                                }
                              } else {
                                let err18 = { instancePath: instancePath + "/account/consents", schemaPath: "#/properties/account/anyOf/0/properties/consents/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                                vErrors === null ? vErrors = [err18] : vErrors.push(err18), errors++;
                              }
                            var valid2 = _errs13 === errors;
                          } else
                            var valid2 = !0;
                      }
                    }
                  }
                } else {
                  let err19 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/0/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                  vErrors === null ? vErrors = [err19] : vErrors.push(err19), errors++;
                }
              var _valid0 = _errs6 === errors;
              valid1 = valid1 || _valid0;
              let _errs20 = errors;
              if (data1 !== null) {
                let err20 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err20] : vErrors.push(err20), errors++;
              }
              var _valid0 = _errs20 === errors;
              if (valid1 = valid1 || _valid0, valid1)
                errors = _errs5, vErrors !== null && (_errs5 ? vErrors.length = _errs5 : vErrors = null);
              else {
                let err21 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err21] : vErrors.push(err21), errors++, validate55.errors = vErrors, !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate55.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate55.errors = vErrors, errors === 0;
}
validate55.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var keepView = validate56, schema67 = { type: "object", required: ["columns", "sort", "group"], properties: { columns: { anyOf: [{ type: "array", items: { type: "string", minLength: 1, maxLength: 60 }, maxItems: 60 }, { type: "null" }] }, sort: { anyOf: [{ type: "object", required: ["column", "order"], properties: { column: { type: "string", minLength: 1, maxLength: 60 }, order: { type: "string", enum: ["up", "down"] } }, additionalProperties: !1 }, { type: "null" }] }, group: { anyOf: [{ type: "string", minLength: 1, maxLength: 60 }, { type: "null" }] } }, additionalProperties: !1 };
function validate56(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate56.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.columns === void 0 && (missing0 = "columns") || data.sort === void 0 && (missing0 = "sort") || data.group === void 0 && (missing0 = "group"))
        return validate56.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "columns" || key0 === "sort" || key0 === "group")) {
            return validate56.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.columns !== void 0) {
            let data0 = data.columns, _errs2 = errors, _errs3 = errors, valid1 = !1, _errs4 = errors;
            if (errors === _errs4)
              if (Array.isArray(data0))
                if (data0.length > 60) {
                  let err0 = { instancePath: instancePath + "/columns", schemaPath: "#/properties/columns/anyOf/0/maxItems", keyword: "maxItems", params: { limit: 60 }, message: "must NOT have more than 60 items" };
                  vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                } else {
                  var valid2 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs6 = errors;
                    if (errors === _errs6)
                      if (typeof data1 == "string") {
                        if (func2(data1) > 60) {
                          let err1 = { instancePath: instancePath + "/columns/" + i0, schemaPath: "#/properties/columns/anyOf/0/items/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" };
                          vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                        } else if (func2(data1) < 1) {
                          let err2 = { instancePath: instancePath + "/columns/" + i0, schemaPath: "#/properties/columns/anyOf/0/items/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                          vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                        }
                      } else {
                        let err3 = { instancePath: instancePath + "/columns/" + i0, schemaPath: "#/properties/columns/anyOf/0/items/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                        vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                      }
                    var valid2 = _errs6 === errors;
                    if (!valid2)
                      break;
                  }
                }
              else {
                let err4 = { instancePath: instancePath + "/columns", schemaPath: "#/properties/columns/anyOf/0/type", keyword: "type", params: { type: "array" }, message: "must be array" };
                vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
              }
            var _valid0 = _errs4 === errors;
            valid1 = valid1 || _valid0;
            let _errs8 = errors;
            if (data0 !== null) {
              let err5 = { instancePath: instancePath + "/columns", schemaPath: "#/properties/columns/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
              vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
            }
            var _valid0 = _errs8 === errors;
            if (valid1 = valid1 || _valid0, valid1)
              errors = _errs3, vErrors !== null && (_errs3 ? vErrors.length = _errs3 : vErrors = null);
            else {
              let err6 = { instancePath: instancePath + "/columns", schemaPath: "#/properties/columns/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
              return vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++, validate56.errors = vErrors, !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.sort !== void 0) {
              let data2 = data.sort, _errs10 = errors, _errs11 = errors, valid3 = !1, _errs12 = errors;
              if (errors === _errs12)
                if (data2 && typeof data2 == "object" && !Array.isArray(data2)) {
                  let missing1;
                  if (data2.column === void 0 && (missing1 = "column") || data2.order === void 0 && (missing1 = "order")) {
                    let err7 = { instancePath: instancePath + "/sort", schemaPath: "#/properties/sort/anyOf/0/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" };
                    vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++;
                  } else {
                    let _errs14 = errors;
                    for (let key1 in data2)
                      if (!(key1 === "column" || key1 === "order")) {
                        let err8 = { instancePath: instancePath + "/sort", schemaPath: "#/properties/sort/anyOf/0/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" };
                        vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                        break;
                      }
                    if (_errs14 === errors) {
                      if (data2.column !== void 0) {
                        let data3 = data2.column, _errs15 = errors;
                        if (errors === _errs15)
                          if (typeof data3 == "string") {
                            if (func2(data3) > 60) {
                              let err9 = { instancePath: instancePath + "/sort/column", schemaPath: "#/properties/sort/anyOf/0/properties/column/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" };
                              vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                            } else if (func2(data3) < 1) {
                              let err10 = { instancePath: instancePath + "/sort/column", schemaPath: "#/properties/sort/anyOf/0/properties/column/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                              vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                            }
                          } else {
                            let err11 = { instancePath: instancePath + "/sort/column", schemaPath: "#/properties/sort/anyOf/0/properties/column/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++;
                          }
                        var valid4 = _errs15 === errors;
                      } else
                        var valid4 = !0;
                      if (valid4)
                        if (data2.order !== void 0) {
                          let data4 = data2.order, _errs17 = errors;
                          if (typeof data4 != "string") {
                            let err12 = { instancePath: instancePath + "/sort/order", schemaPath: "#/properties/sort/anyOf/0/properties/order/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++;
                          }
                          if (!(data4 === "up" || data4 === "down")) {
                            let err13 = { instancePath: instancePath + "/sort/order", schemaPath: "#/properties/sort/anyOf/0/properties/order/enum", keyword: "enum", params: { allowedValues: schema67.properties.sort.anyOf[0].properties.order.enum }, message: "must be equal to one of the allowed values" };
                            vErrors === null ? vErrors = [err13] : vErrors.push(err13), errors++;
                          }
                          var valid4 = _errs17 === errors;
                        } else
                          var valid4 = !0;
                    }
                  }
                } else {
                  let err14 = { instancePath: instancePath + "/sort", schemaPath: "#/properties/sort/anyOf/0/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                  vErrors === null ? vErrors = [err14] : vErrors.push(err14), errors++;
                }
              var _valid1 = _errs12 === errors;
              valid3 = valid3 || _valid1;
              let _errs19 = errors;
              if (data2 !== null) {
                let err15 = { instancePath: instancePath + "/sort", schemaPath: "#/properties/sort/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err15] : vErrors.push(err15), errors++;
              }
              var _valid1 = _errs19 === errors;
              if (valid3 = valid3 || _valid1, valid3)
                errors = _errs11, vErrors !== null && (_errs11 ? vErrors.length = _errs11 : vErrors = null);
              else {
                let err16 = { instancePath: instancePath + "/sort", schemaPath: "#/properties/sort/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err16] : vErrors.push(err16), errors++, validate56.errors = vErrors, !1;
              }
              var valid0 = _errs10 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.group !== void 0) {
                let data5 = data.group, _errs21 = errors, _errs22 = errors, valid5 = !1, _errs23 = errors;
                if (errors === _errs23)
                  if (typeof data5 == "string") {
                    if (func2(data5) > 60) {
                      let err17 = { instancePath: instancePath + "/group", schemaPath: "#/properties/group/anyOf/0/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" };
                      vErrors === null ? vErrors = [err17] : vErrors.push(err17), errors++;
                    } else if (func2(data5) < 1) {
                      let err18 = { instancePath: instancePath + "/group", schemaPath: "#/properties/group/anyOf/0/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                      vErrors === null ? vErrors = [err18] : vErrors.push(err18), errors++;
                    }
                  } else {
                    let err19 = { instancePath: instancePath + "/group", schemaPath: "#/properties/group/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                    vErrors === null ? vErrors = [err19] : vErrors.push(err19), errors++;
                  }
                var _valid2 = _errs23 === errors;
                valid5 = valid5 || _valid2;
                let _errs25 = errors;
                if (data5 !== null) {
                  let err20 = { instancePath: instancePath + "/group", schemaPath: "#/properties/group/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                  vErrors === null ? vErrors = [err20] : vErrors.push(err20), errors++;
                }
                var _valid2 = _errs25 === errors;
                if (valid5 = valid5 || _valid2, valid5)
                  errors = _errs22, vErrors !== null && (_errs22 ? vErrors.length = _errs22 : vErrors = null);
                else {
                  let err21 = { instancePath: instancePath + "/group", schemaPath: "#/properties/group/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err21] : vErrors.push(err21), errors++, validate56.errors = vErrors, !1;
                }
                var valid0 = _errs21 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate56.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate56.errors = vErrors, errors === 0;
}
validate56.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var noteInstructed = validate57, schema68 = { type: "object", required: ["version", "people", "how", "day"], properties: { version: { type: "integer", minimum: 1, maximum: 2147483647 }, people: { type: "array", items: { type: "string", format: "uuid" }, minItems: 1, maxItems: 500, uniqueItems: !0 }, how: { type: "string", enum: ["on paper", "in person", "film"] }, day: { type: "string", format: "date" }, paper: { type: "object", required: ["name", "bytes"], properties: { name: { type: "string", minLength: 1, maxLength: 120, pattern: "\\S" }, bytes: { type: "string", maxLength: 14e5, pattern: "^[A-Za-z0-9+/]+={0,2}$" } }, additionalProperties: !1 } }, additionalProperties: !1 }, pattern6 = new RegExp("^[A-Za-z0-9+/]+={0,2}$", "u");
function validate57(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate57.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.version === void 0 && (missing0 = "version") || data.people === void 0 && (missing0 = "people") || data.how === void 0 && (missing0 = "how") || data.day === void 0 && (missing0 = "day"))
        return validate57.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "version" || key0 === "people" || key0 === "how" || key0 === "day" || key0 === "paper")) {
            return validate57.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.version !== void 0) {
            let data0 = data.version, _errs2 = errors;
            if (!(typeof data0 == "number" && !(data0 % 1) && !isNaN(data0) && isFinite(data0)))
              return validate57.errors = [{ instancePath: instancePath + "/version", schemaPath: "#/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
            if (errors === _errs2 && typeof data0 == "number" && isFinite(data0)) {
              if (data0 > 2147483647 || isNaN(data0))
                return validate57.errors = [{ instancePath: instancePath + "/version", schemaPath: "#/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
              if (data0 < 1 || isNaN(data0))
                return validate57.errors = [{ instancePath: instancePath + "/version", schemaPath: "#/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.people !== void 0) {
              let data1 = data.people, _errs4 = errors;
              if (errors === _errs4)
                if (Array.isArray(data1)) {
                  if (data1.length > 500)
                    return validate57.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/maxItems", keyword: "maxItems", params: { limit: 500 }, message: "must NOT have more than 500 items" }], !1;
                  if (data1.length < 1)
                    return validate57.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                  {
                    var valid1 = !0;
                    let len0 = data1.length;
                    for (let i0 = 0; i0 < len0; i0++) {
                      let data2 = data1[i0], _errs6 = errors;
                      if (errors === _errs6 && errors === _errs6)
                        if (typeof data2 == "string") {
                          if (!formats4.test(data2))
                            return validate57.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                        } else
                          return validate57.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      var valid1 = _errs6 === errors;
                      if (!valid1)
                        break;
                    }
                    if (valid1) {
                      let i1 = data1.length, j0;
                      if (i1 > 1) {
                        let indices0 = {};
                        for (; i1--; ) {
                          let item0 = data1[i1];
                          if (typeof item0 == "string") {
                            if (typeof indices0[item0] == "number") {
                              return j0 = indices0[item0], validate57.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                              break;
                            }
                            indices0[item0] = i1;
                          }
                        }
                      }
                    }
                  }
                } else
                  return validate57.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.how !== void 0) {
                let data3 = data.how, _errs8 = errors;
                if (typeof data3 != "string")
                  return validate57.errors = [{ instancePath: instancePath + "/how", schemaPath: "#/properties/how/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                if (!(data3 === "on paper" || data3 === "in person" || data3 === "film"))
                  return validate57.errors = [{ instancePath: instancePath + "/how", schemaPath: "#/properties/how/enum", keyword: "enum", params: { allowedValues: schema68.properties.how.enum }, message: "must be equal to one of the allowed values" }], !1;
                var valid0 = _errs8 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.day !== void 0) {
                  let data4 = data.day, _errs10 = errors;
                  if (errors === _errs10 && errors === _errs10)
                    if (typeof data4 == "string") {
                      if (!formats0.test(data4))
                        return validate57.errors = [{ instancePath: instancePath + "/day", schemaPath: "#/properties/day/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                    } else
                      return validate57.errors = [{ instancePath: instancePath + "/day", schemaPath: "#/properties/day/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  var valid0 = _errs10 === errors;
                } else
                  var valid0 = !0;
                if (valid0)
                  if (data.paper !== void 0) {
                    let data5 = data.paper, _errs12 = errors;
                    if (errors === _errs12)
                      if (data5 && typeof data5 == "object" && !Array.isArray(data5)) {
                        let missing1;
                        if (data5.name === void 0 && (missing1 = "name") || data5.bytes === void 0 && (missing1 = "bytes"))
                          return validate57.errors = [{ instancePath: instancePath + "/paper", schemaPath: "#/properties/paper/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs14 = errors;
                          for (let key1 in data5)
                            if (!(key1 === "name" || key1 === "bytes")) {
                              return validate57.errors = [{ instancePath: instancePath + "/paper", schemaPath: "#/properties/paper/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs14 === errors) {
                            if (data5.name !== void 0) {
                              let data6 = data5.name, _errs15 = errors;
                              if (errors === _errs15)
                                if (typeof data6 == "string") {
                                  if (func2(data6) > 120)
                                    return validate57.errors = [{ instancePath: instancePath + "/paper/name", schemaPath: "#/properties/paper/properties/name/maxLength", keyword: "maxLength", params: { limit: 120 }, message: "must NOT have more than 120 characters" }], !1;
                                  if (func2(data6) < 1)
                                    return validate57.errors = [{ instancePath: instancePath + "/paper/name", schemaPath: "#/properties/paper/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                  if (!pattern4.test(data6))
                                    return validate57.errors = [{ instancePath: instancePath + "/paper/name", schemaPath: "#/properties/paper/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                } else
                                  return validate57.errors = [{ instancePath: instancePath + "/paper/name", schemaPath: "#/properties/paper/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid3 = _errs15 === errors;
                            } else
                              var valid3 = !0;
                            if (valid3)
                              if (data5.bytes !== void 0) {
                                let data7 = data5.bytes, _errs17 = errors;
                                if (errors === _errs17)
                                  if (typeof data7 == "string") {
                                    if (func2(data7) > 14e5)
                                      return validate57.errors = [{ instancePath: instancePath + "/paper/bytes", schemaPath: "#/properties/paper/properties/bytes/maxLength", keyword: "maxLength", params: { limit: 14e5 }, message: "must NOT have more than 1400000 characters" }], !1;
                                    if (!pattern6.test(data7))
                                      return validate57.errors = [{ instancePath: instancePath + "/paper/bytes", schemaPath: "#/properties/paper/properties/bytes/pattern", keyword: "pattern", params: { pattern: "^[A-Za-z0-9+/]+={0,2}$" }, message: 'must match pattern "^[A-Za-z0-9+/]+={0,2}$"' }], !1;
                                  } else
                                    return validate57.errors = [{ instancePath: instancePath + "/paper/bytes", schemaPath: "#/properties/paper/properties/bytes/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid3 = _errs17 === errors;
                              } else
                                var valid3 = !0;
                          }
                        }
                      } else
                        return validate57.errors = [{ instancePath: instancePath + "/paper", schemaPath: "#/properties/paper/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid0 = _errs12 === errors;
                  } else
                    var valid0 = !0;
              }
            }
          }
        }
      }
    } else
      return validate57.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate57.errors = vErrors, errors === 0;
}
validate57.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var readInvitation = validate58;
function validate58(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate58.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token"))
        return validate58.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "token") {
            return validate58.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.token !== void 0) {
          let data0 = data.token;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 100)
                return validate58.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
              if (func2(data0) < 1)
                return validate58.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern32.test(data0))
                return validate58.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
            } else
              return validate58.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate58.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate58.errors = vErrors, errors === 0;
}
validate58.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var readLink = validate59;
function validate59(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate59.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token"))
        return validate59.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "token") {
            return validate59.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.token !== void 0) {
          let data0 = data.token;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 100)
                return validate59.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
              if (func2(data0) < 1)
                return validate59.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern32.test(data0))
                return validate59.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
            } else
              return validate59.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate59.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate59.errors = vErrors, errors === 0;
}
validate59.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var renewRecoveryCodes = validate60;
function validate60(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate60.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.code === void 0 && (missing0 = "code"))
        return validate60.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "code") {
            return validate60.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.code !== void 0) {
          let data0 = data.code;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 40)
                return validate60.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
              if (func2(data0) < 6)
                return validate60.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/minLength", keyword: "minLength", params: { limit: 6 }, message: "must NOT have fewer than 6 characters" }], !1;
              if (!pattern33.test(data0))
                return validate60.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/pattern", keyword: "pattern", params: { pattern: "^[\\sA-Za-z0-9-]+$" }, message: 'must match pattern "^[\\sA-Za-z0-9-]+$"' }], !1;
            } else
              return validate60.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate60.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate60.errors = vErrors, errors === 0;
}
validate60.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var resetPassword = validate61;
function validate61(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate61.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token") || data.password === void 0 && (missing0 = "password"))
        return validate61.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "token" || key0 === "password")) {
            return validate61.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.token !== void 0) {
            let data0 = data.token, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 100)
                  return validate61.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func2(data0) < 1)
                  return validate61.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern32.test(data0))
                  return validate61.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
              } else
                return validate61.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.password !== void 0) {
              let data1 = data.password, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 200)
                    return validate61.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func2(data1) < 12)
                    return validate61.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 12 }, message: "must NOT have fewer than 12 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate61.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate61.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate61.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate61.errors = vErrors, errors === 0;
}
validate61.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var signIn = validate62;
function validate62(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate62.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.email === void 0 && (missing0 = "email") || data.password === void 0 && (missing0 = "password"))
        return validate62.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "email" || key0 === "password" || key0 === "code")) {
            return validate62.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.email !== void 0) {
            let data0 = data.email, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 200)
                  return validate62.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func2(data0) < 3)
                  return validate62.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                if (!pattern26.test(data0))
                  return validate62.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$" }, message: 'must match pattern "^([^\\s@]+@[^\\s@]+|(\\+|00)[0-9 ().-]{6,40})$"' }], !1;
              } else
                return validate62.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.password !== void 0) {
              let data1 = data.password, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 200)
                    return validate62.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate62.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate62.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate62.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.code !== void 0) {
                let data2 = data.code, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (func2(data2) > 40)
                      return validate62.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
                    if (func2(data2) < 6)
                      return validate62.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/minLength", keyword: "minLength", params: { limit: 6 }, message: "must NOT have fewer than 6 characters" }], !1;
                    if (!pattern33.test(data2))
                      return validate62.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/pattern", keyword: "pattern", params: { pattern: "^[\\sA-Za-z0-9-]+$" }, message: 'must match pattern "^[\\sA-Za-z0-9-]+$"' }], !1;
                  } else
                    return validate62.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate62.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate62.errors = vErrors, errors === 0;
}
validate62.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var signUp = validate63;
function validate63(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate63.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.email === void 0 && (missing0 = "email") || data.password === void 0 && (missing0 = "password") || data.consents === void 0 && (missing0 = "consents"))
        return validate63.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "email" || key0 === "password" || key0 === "consents")) {
            return validate63.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 100)
                  return validate63.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func2(data0) < 1)
                  return validate63.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate63.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate63.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.email !== void 0) {
              let data1 = data.email, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 200)
                    return validate63.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func2(data1) < 3)
                    return validate63.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                  if (!pattern18.test(data1))
                    return validate63.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^[^\\s@]+@[^\\s@]+$" }, message: 'must match pattern "^[^\\s@]+@[^\\s@]+$"' }], !1;
                } else
                  return validate63.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.password !== void 0) {
                let data2 = data.password, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (func2(data2) > 200)
                      return validate63.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                    if (func2(data2) < 12)
                      return validate63.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 12 }, message: "must NOT have fewer than 12 characters" }], !1;
                    if (!pattern4.test(data2))
                      return validate63.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                  } else
                    return validate63.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.consents !== void 0) {
                  let data3 = data.consents, _errs8 = errors;
                  if (errors === _errs8)
                    if (data3 && typeof data3 == "object" && !Array.isArray(data3)) {
                      let missing1;
                      if (data3.terms === void 0 && (missing1 = "terms") || data3.data === void 0 && (missing1 = "data"))
                        return validate63.errors = [{ instancePath: instancePath + "/consents", schemaPath: "#/properties/consents/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                      {
                        let _errs10 = errors;
                        for (let key1 in data3)
                          if (!(key1 === "terms" || key1 === "data")) {
                            return validate63.errors = [{ instancePath: instancePath + "/consents", schemaPath: "#/properties/consents/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                            break;
                          }
                        if (_errs10 === errors) {
                          if (data3.terms !== void 0) {
                            let data4 = data3.terms, _errs11 = errors;
                            if (errors === _errs11)
                              if (typeof data4 == "string") {
                                if (func2(data4) > 20)
                                  return validate63.errors = [{ instancePath: instancePath + "/consents/terms", schemaPath: "#/properties/consents/properties/terms/maxLength", keyword: "maxLength", params: { limit: 20 }, message: "must NOT have more than 20 characters" }], !1;
                                if (func2(data4) < 1)
                                  return validate63.errors = [{ instancePath: instancePath + "/consents/terms", schemaPath: "#/properties/consents/properties/terms/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                              } else
                                return validate63.errors = [{ instancePath: instancePath + "/consents/terms", schemaPath: "#/properties/consents/properties/terms/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                            var valid1 = _errs11 === errors;
                          } else
                            var valid1 = !0;
                          if (valid1)
                            if (data3.data !== void 0) {
                              let data5 = data3.data, _errs13 = errors;
                              if (errors === _errs13)
                                if (typeof data5 == "string") {
                                  if (func2(data5) > 20)
                                    return validate63.errors = [{ instancePath: instancePath + "/consents/data", schemaPath: "#/properties/consents/properties/data/maxLength", keyword: "maxLength", params: { limit: 20 }, message: "must NOT have more than 20 characters" }], !1;
                                  if (func2(data5) < 1)
                                    return validate63.errors = [{ instancePath: instancePath + "/consents/data", schemaPath: "#/properties/consents/properties/data/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                } else
                                  return validate63.errors = [{ instancePath: instancePath + "/consents/data", schemaPath: "#/properties/consents/properties/data/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid1 = _errs13 === errors;
                            } else
                              var valid1 = !0;
                        }
                      }
                    } else
                      return validate63.errors = [{ instancePath: instancePath + "/consents", schemaPath: "#/properties/consents/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate63.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate63.errors = vErrors, errors === 0;
}
validate63.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var verifyAddress = validate64;
function validate64(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate64.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token"))
        return validate64.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "token" || key0 === "password")) {
            return validate64.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.token !== void 0) {
            let data0 = data.token, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 100)
                  return validate64.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func2(data0) < 1)
                  return validate64.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern32.test(data0))
                  return validate64.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
              } else
                return validate64.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.password !== void 0) {
              let data1 = data.password, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 200)
                    return validate64.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate64.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate64.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate64.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate64.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate64.errors = vErrors, errors === 0;
}
validate64.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  beginSecondFactor,
  changeAddress,
  changeExceptions,
  changeGroup,
  changeInstruction,
  changeManyRoles,
  changeName,
  changePassword,
  changePerson,
  changePreferences,
  changeRecording,
  changeRole,
  changeRoles,
  changeTeam,
  confirmAddress,
  confirmInstruction,
  confirmSecondFactor,
  createGroup,
  createLink,
  createRole,
  createTeam,
  endRole,
  endSecondFactor,
  endTeam,
  forgotPassword,
  handOver,
  invitePeople,
  invitePerson,
  joinByLink,
  joinFirm,
  keepView,
  noteInstructed,
  readInvitation,
  readLink,
  renewRecoveryCodes,
  resetPassword,
  signIn,
  signUp,
  verifyAddress
};
